package neatcorner.station.hanging;

import neatcorner.plan.Finding;

/** Kinds of findings about hanging. */
enum HangingFinding implements Finding.Kind {
    HOOK_SHOWS("hang.hook-shows"),
    RINGS_OFF("rings.off"),
    HOOKS_APART("hooks.apart"),
    SIDES_BEND("hang.frame-bends"),
    FIXING_WEAK("hang.overloaded"),
    FIXING_ONE("hang.one-fixing"),
    HANGER_HEAVY("hanger.heavy"),
    HANGER_NO_WOOD("hanger.no-wood"),
    HANGER_SCREWS("hanger.screws"),
    STRIPS_OVER_PEOPLE("strips.over-people"),
    ADHESIVE_WEAK("adhesive.weak"),
    HINGES_FEW("hinges.few"),
    WALL_LOW("wall.low"),
    FURNITURE_NEAR("furniture.near"),
    FRAMES_MEET("wall.frames-meet"),
    OFF_THE_WALL("wall.off"),
    STUD_MISSED("stud.missed"),
    GLASS_OVER_PEOPLE("glass.over-people");

    private final String code;

    HangingFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
