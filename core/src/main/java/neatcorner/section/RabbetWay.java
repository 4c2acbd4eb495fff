package neatcorner.section;

/** How the rabbet is cut. Makers disagree; all of these are common practice. */
public enum RabbetWay {
    ROUTER("router, in light passes"),
    TABLE_SAW("table saw, flat and on edge"),
    DADO("dado set and a sacrificial fence"),
    AFTER_ASSEMBLY("bearing bit, after assembly"),
    FROM_GROOVE("a grooved board's back cheek sawn off"),
    READY("none: the sticks come with it");

    private final String title;

    RabbetWay(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
