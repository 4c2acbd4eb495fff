package neatcorner.plan;

/** Kinds of findings that more than one station makes. */
public enum SharedFinding implements Finding.Kind {
    CLEARANCE_TIGHT("clearance.tight"),
    LIP_COVER_THIN("lip.cover-thin"),
    SIZE_IMPOSSIBLE("size.impossible");

    private final String code;

    SharedFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
