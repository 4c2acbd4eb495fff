package neatcorner.station.glueup;

import neatcorner.plan.Finding;

/** Kinds of findings about gluing up. */
enum GlueUpFinding implements Finding.Kind {
    CLAMP_TOO_FEW("clamp.too-few"),
    CLAMP_TOO_WEAK("clamp.too-weak"),
    GLUE_NOT_OUTDOORS("glue.not-outdoors"),
    GLUE_OPEN_TIME("glue.open-time"),
    GLUE_STAIN_FOLLOWS("glue.stain-follows"),
    GLUE_TOO_COLD("glue.too-cold"),
    JIG_OUT_OF_RANGE("jig.out-of-range"),
    SCHEDULE_NO_HOURS("schedule.no-hours");

    private final String code;

    GlueUpFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
