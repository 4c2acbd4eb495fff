package neatcorner.exchange.paper;

import neatcorner.drawing.Tint;

/** The tints on white paper, as 0xRRGGBB: light woods so that little ink is used, dark lines so that they copy. */
final class PaperInks {

    private PaperInks() {}

    static int rgb(Tint tint) {
        return switch (tint) {
            case INK, WALNUT_INK -> 0x16181d;
            case FAINT_INK -> 0x4a505c;
            case WOOD_INK -> 0x1d1a16;
            case CONSTRUCTION -> 0x7b8494;
            case CUT -> 0x14618a;
            case CUT_CASING -> 0xffffff;
            case GLASS -> 0xdcecf2;
            case GLASS_EDGE -> 0x6f93a3;
            case MAT -> 0xf1f2f4;
            case MAT_CORE -> 0xffffff;
            case ART -> 0xe6eaf0;
            case ART_LINE -> 0x8494ab;
            case BACKING -> 0xd6dae1;
            case BACKING_LINE -> 0x8d96a5;
            case METAL -> 0xc3c9d3;
            case TABLE -> 0xf2f4f7;
            case DEFECT -> 0x3a4250;
            case WASTE -> 0xf4f4f5;
            case HIGHLIGHT -> 0xffd866;
            case WOOD_ASH -> 0xf3e6cb;
            case WOOD_BEECH -> 0xf0d6b8;
            case WOOD_CHERRY -> 0xe3b390;
            case WOOD_ELM -> 0xdcc19a;
            case WOOD_MAPLE -> 0xf5e8d0;
            case WOOD_OAK -> 0xe8cfa3;
            case WOOD_PALE -> 0xf3ead2;
            case WOOD_PINE -> 0xf6e2ad;
            case WOOD_WALNUT -> 0xb99877;
            case WOOD_OTHER -> 0xe8d3b0;
            case GRAIN_ASH -> 0xcdb484;
            case GRAIN_BEECH -> 0xcda27a;
            case GRAIN_CHERRY -> 0xb97b56;
            case GRAIN_ELM -> 0xa98552;
            case GRAIN_MAPLE -> 0xd4bd94;
            case GRAIN_OAK -> 0xb8935a;
            case GRAIN_PALE -> 0xcfbf97;
            case GRAIN_PINE -> 0xcf9f4c;
            case GRAIN_WALNUT -> 0x7d5b3c;
            case GRAIN_OTHER -> 0xb8986a;
        };
    }
}
