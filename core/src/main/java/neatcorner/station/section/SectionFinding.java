package neatcorner.station.section;

import neatcorner.plan.Finding;

/** Kinds of findings about the section, its milling and its wood. */
enum SectionFinding implements Finding.Kind {
    BIT_TOO_WIDE("bit.too-wide"),
    CUT_IN_AIR("cut.in-air"),
    EDGE_NOT_THERE("edge.not-there"),
    LAYERS_SUM("layers.sum"),
    LIP_THIN("lip.thin"),
    PACK_NO_ROOM_FOR_RETAINERS("pack.no-room-for-retainers"),
    PACK_NOT_HELD("pack.not-held"),
    PACK_ON_EDGE("pack.on-edge"),
    PACK_TOO_THICK("pack.too-thick"),
    PASS_TOO_DEEP("pass.too-deep"),
    PASS_TOO_TILTED("pass.too-tilted"),
    RABBET_NOT_LEVEL("rabbet.not-level"),
    SECTION_FALLS_APART("section.falls-apart"),
    SUPPORT_LOST("support.lost"),
    WALL_THIN("wall.thin"),
    WOOD_UNKNOWN("wood.unknown"),
    RING_IMPOSSIBLE("ring.does-not-fit"),
    RING_IN_WOOD("ring.in-wood"),
    RING_IN_PACK("ring.in-pack"),
    RING_PROUD("ring.proud"),
    SCREWS_IN_AIR("screws.in-air"),
    FLOAT_UNCARRIED("float.uncarried"),
    FLOAT_BEARING("float.bearing-thin"),
    FLOAT_PROUD("float.proud"),
    FLOAT_DEEP("float.deep");

    private final String code;

    SectionFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
