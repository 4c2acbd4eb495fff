package neatcorner.wood;

/** How a wood looks, of a dozen that can be told apart. */
public enum Tone {
    ASH,
    BEECH,
    CHERRY,
    ELM,
    MAPLE,
    OAK,
    PALE,
    PINE,
    WALNUT,
    OTHER
}
