package neatcorner.exchange.plan;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.outline.Segment;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.piece.Tip;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.saw.Side;
import neatcorner.saw.measured.BestOrder;
import neatcorner.station.glueup.ShopDays;
import neatcorner.station.saw.Assembly;
import neatcorner.station.saw.SawSlates;
import neatcorner.stock.Blanks;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/** A plan as JSON: lengths in millimetres with at most four decimals, angles in degrees, masses in kg. */
public final class PlanJson {

    private PlanJson() {}

    /** The text of the plan; messages are written in the given notation. */
    public static String write(Plan plan, Notation notation) {
        return write(plan, notation, Search.PATIENT);
    }

    /** As the other; when it is told to stop, sheets and days are given as well as they were laid out by then. */
    public static String write(Plan plan, Notation notation, Search search) {
        Json.Fields root = Json.object().with("format", "neat-corner-plan/1").with("title", plan.job().title())
                .with("sizes", sizes(plan)).with("pack", pack(plan))
                .with("pieces", Json.of(plan.pieces().stream().map(piece -> piece(piece, plan)).toList()))
                .with("sticks", Json.of(plan.layout().sticks().stream().map(stick -> stick(stick, plan)).toList()))
                .with("nesting", nesting(plan))
                .with("saw", Json.of(plan.settings().stream().map(setting -> setting(setting, plan)).toList()))
                .with("weight", Json.of(plan.weight().total().kilograms(), 4))
                .with("findings", Json.of(plan.findings().stream().map(f -> finding(f, notation)).toList()));
        if (plan.job().section().isSound()) {
            root.with("section", SectionJson.of(plan.job().section()));
        }
        CornerJson.add(plan, root);
        GlueUpJson.add(plan, notation, root, ShopDays.of(plan, search));
        WoodJson.add(plan, root, search);
        Contours contours = plan.contours();
        if (contours != null && !plan.job().outline().isRectangle()) {
            if (contours.segments().isEmpty()) {
                root.with("corners", corners(plan, contours));
            } else {
                root.with("segments", segments(plan, contours));
            }
        }
        if (!plan.parts().equals(plan.pieces())) {
            root.with("parts", Json.of(plan.parts().stream().map(piece -> piece(piece, plan)).toList()));
        }
        Assembly.of(plan).ifPresent(assembly -> root.with("assembly", assembly(plan, assembly, notation)));
        return JsonText.write(root.end());
    }

    /** How measured pieces close, and what to do. */
    private static Json assembly(Plan plan, Assembly assembly, Notation notation) {
        Json.Fields fields = Json.object().with("lastGap", Json.of(assembly.closing().lastGap(), 4))
                .with("spreadGap", Json.of(assembly.closing().spreadGap(), 4))
                .with("diagonals", Json.of(assembly.closing().diagonals().stream().map(PlanJson::mm).toList()));
        BestOrder order = assembly.order();
        if (order != null) {
            List<Json> places = new ArrayList<>();
            for (int i = 0; i < plan.pieces().size(); i++) {
                places.add(Json.of(plan.pieces().get(order.pieces().get(i)).name()));
            }
            fields.with("order", Json.of(places));
        }
        return fields.with("gapAfter", Json.of(assembly.shaving().gap(), 4))
                .with("steps",
                        Json.of(SawSlates.remedies(plan).stream().map(step -> Json.of(step.in(notation))).toList()))
                .end();
    }

    private static Json mm(Length length) {
        return Json.of(length.toMm(), 4);
    }

    private static Json degrees(Angle angle) {
        return Json.of(angle.degrees(), 6);
    }

    private static Json opening(Opening opening) {
        return Json.of(List.of(mm(opening.width()), mm(opening.height())));
    }

    private static Json sizes(Plan plan) {
        Json.Fields sizes = Json.object().with("art", opening(plan.sizes().art()));
        Opening window = plan.sizes().window();
        if (window != null) {
            sizes.with("window", opening(window)).with("matOuter", opening(plan.sizes().pack()));
        }
        return sizes.with("rabbet", opening(plan.sizes().rabbet())).with("sight", opening(plan.sizes().sight()))
                .with("outside", opening(plan.sizes().outside())).end();
    }

    private static Json pack(Plan plan) {
        return Json.object().with("thickness", mm(plan.job().pack().thickness()))
                .with("room", mm(plan.seat().rabbet().depth())).with("spare", mm(plan.spareDepth())).end();
    }

    private static Json piece(Piece piece, Plan plan) {
        Json.Fields fields = Json.object().with("name", piece.name()).with("side", piece.side())
                .with("count", Json.of(plan.job().quantity())).with("long", mm(piece.longPoint()))
                .with("short", mm(piece.shortPoint())).with("span", mm(piece.span())).with("left", end(piece.left()))
                .with("right", end(piece.right()));
        Length blank = Blanks.of(plan.job().section()).width(piece);
        return (blank.equals(plan.job().section().width()) ? fields : fields.with("blank", mm(blank))).end();
    }

    /** Corner i is where piece i starts, going clockwise from the top. */
    private static Json corners(Plan plan, Contours contours) {
        List<Json> corners = new ArrayList<>();
        int count = plan.pieces().size();
        for (int i = 0; i < count; i++) {
            corners.add(Json.object()
                    .with("between",
                            Json.of(List.of(Json.of(plan.pieces().get((i + count - 1) % count).name()),
                                    Json.of(plan.pieces().get(i).name()))))
                    .with("interior", degrees(contours.sight().interior(i))).end());
        }
        return Json.of(corners);
    }

    private static Json segments(Plan plan, Contours contours) {
        List<Json> segments = new ArrayList<>();
        for (int i = 0; i < contours.segments().size(); i++) {
            Segment.Blank blank = contours.segments().get(i).blank();
            segments.add(Json.object().with("piece", plan.pieces().get(i).name())
                    .with("blank", Json.of(List.of(Json.of(blank.longEdge(), 4), Json.of(blank.width(), 4))))
                    .with("shortEdge", Json.of(blank.shortEdge(), 4)).with("joints",
                            Json.of(List.of(degrees(blank.left()), degrees(blank.right()))))
                    .with("acrossGrain", degrees(blank.runOut())).end());
        }
        return Json.of(segments);
    }

    private static Json end(EndCut end) {
        return Json.object().with("miter", degrees(end.miter())).with("bevel", degrees(end.bevel())).end();
    }

    private static Json stick(CutStick stick, Plan plan) {
        return Json.object().with("stock", stick.stick().name()).with("length", mm(stick.stick().length()))
                .with("cuts", Json.of(stick.cuts().stream().map(cut -> cut(cut, stick, plan)).toList()))
                .with("offcut", mm(stick.offcut())).end();
    }

    private static Json cut(CutPiece cut, CutStick stick, Plan plan) {
        Json.Fields fields = Json.object().with("piece", cut.piece().name()).with("frame", Json.of(cut.frame()))
                .with("at", mm(cut.at())).with("span", mm(cut.piece().span()))
                .with("long", mm(cut.piece().longPoint()));
        Blanks blanks = Blanks.of(plan.job().section());
        if (blanks.isRipped(cut.piece(), stick.stick())) {
            fields.with("ripTo", mm(blanks.width(cut.piece())));
        }
        return (cut.flipped() ? fields.with("flipped", Json.of(true)) : fields).end();
    }

    private static Json nesting(Plan plan) {
        Double cost = plan.layout().cost();
        return Json.object().with("sticks", Json.of(plan.layout().sticks().size()))
                .with("bound", Json.of(plan.layout().bound())).with("proved", Json.of(plan.layout().proved()))
                .with("cost", cost == null ? Json.none() : Json.of(cost, 2))
                .with("unplaced", Json.of(plan.layout().unplaced())).with("proof", plan.layout().proof()).end();
    }

    private static Json setting(SawSetting setting, Plan plan) {
        Json.Fields fields = Json.object().with("miter", degrees(setting.miter()))
                .with("bevel", degrees(setting.bevel())).with("stop", mm(setting.stop()))
                .with("pieces", Json.of(setting.pieces().stream().map(Json::of).toList()));
        SawCut cut = plan.cutOf(setting);
        side(fields, "swing", cut.swing(plan.job().saw()));
        side(fields, "leans", cut.leans(plan.job().saw()));
        if (setting.from() == Tip.TOE) {
            fields.with("from", setting.from().title());
        }
        if (setting.touches() == Tip.TOE) {
            fields.with("touches", setting.touches().title());
        }
        if (!setting.first().isNear(setting.cut())) {
            fields.with("first", degrees(setting.first().miter()));
            if (setting.first().isTilted()) {
                fields.with("firstBevel", degrees(setting.first().bevel()));
            }
        }
        return fields.end();
    }

    private static void side(Json.Fields fields, String name, @Nullable Side side) {
        if (side != null) {
            fields.with(name, side.title());
        }
    }

    private static Json finding(Finding finding, Notation notation) {
        Json.Fields fields = Json.object().with("code", finding.code()).with("level", finding.level().code())
                .with("message", finding.message().in(notation));
        Remedy remedy = finding.remedy();
        return (remedy == null ? fields : fields.with("remedy", remedy.label().in(notation))).end();
    }
}
