package neatcorner.saw;

/** A saw of the shop with all that was read off its test corners. */
public record ShopSaw(Saw saw, SawLog log) {

    public ShopSaw withSaw(Saw newSaw) {
        return new ShopSaw(newSaw, log);
    }

    public ShopSaw withLog(SawLog newLog) {
        return new ShopSaw(saw, newLog);
    }
}
