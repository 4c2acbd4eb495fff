package neatcorner.station.hanging;

import neatcorner.plan.Finding;

/** Kinds of findings about hanging. */
enum HangingFinding implements Finding.Kind {
    HOOK_SHOWS("hook.shows"),
    RINGS_OFF("rings.off"),
    HOOKS_APART("hooks.apart"),
    SIDES_BEND("sides.bend"),
    FIXING_WEAK("fixing.weak"),
    FIXING_RATING("fixing.rating"),
    FIXING_ONE("fixing.one"),
    HANGER_HEAVY("hanger.heavy"),
    WALL_LOW("wall.low"),
    FURNITURE_NEAR("furniture.near"),
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
