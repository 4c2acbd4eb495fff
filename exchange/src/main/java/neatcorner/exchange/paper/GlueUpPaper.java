package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.drawing.Drawing;
import neatcorner.glueup.GlueStep;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.corners.CornerFigure;
import neatcorner.station.corners.CornerSlate;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.GlueUpWork;

/** The corners and the glue-up on paper: a corner apart with what to set and drill, and the steps to tick off. */
final class GlueUpPaper {
    private static final double UNIT = 0.75;

    private final Plan plan;
    private final Notation notation;
    private final PaperSheet sheet;

    GlueUpPaper(Plan plan, Notation notation, PaperSheet sheet) {
        this.plan = plan;
        this.notation = notation;
        this.sheet = sheet;
    }

    void write() throws IOException {
        GlueUpWork work = GlueUpWork.of(plan);
        if (work == null) {
            return;
        }
        if (!plan.job().reinforcement().isEmpty()) {
            for (CornerWork.Kind kind : CornerWork.of(plan).kinds()) {
                corner(kind);
            }
        }
        glueUp(work);
    }

    private void corner(CornerWork.Kind kind) throws IOException {
        sheet.newPage();
        sheet.heading("Corners " + String.join(", ", kind.at()));
        sheet.figure(Drawing.of(CornerFigure.of(plan, kind, -1), sheet.textWidth() / UNIT, 190 / UNIT, notation), UNIT);
        sheet.note("–", "Apart, the parts numbered in the order in which they go in:", false);
        sheet.figure(Drawing.of(CornerFigure.exploded(plan, kind), sheet.textWidth() / UNIT, 200 / UNIT, notation),
                UNIT);
        figures(CornerSlate.of(plan, kind));
        if (plan.job().reinforcement().stream().anyMatch(each -> each.kind().isScrew())) {
            drills();
        }
        caution(ReinforcementKind.Reach.FROM_HEEL,
                "Slots are sawn with the frame clamped to its cradle, never held by hand.");
        caution(ReinforcementKind.Reach.FROM_EDGE,
                "The hand that steadies a corner stays a nail's length away: hard grain turns nails aside.");
        caution(ReinforcementKind.Reach.ACROSS,
                "Pieces are clamped, not held, when their ends are mortised or drilled.");
    }

    private void caution(ReinforcementKind.Reach reach, String caution) throws IOException {
        if (plan.job().reinforcement().stream().anyMatch(each -> each.kind().reach() == reach)) {
            sheet.note("!", caution, true);
        }
    }

    /** Drills for each gauge in this wood. */
    private void drills() throws IOException {
        sheet.columns(
                List.of("screw in " + Theirs.words(plan.job().section().wood().name()), "shank", "pilot",
                        "countersink"),
                List.of(0.0, 0.3, 0.5, 0.7));
        for (int gauge : ScrewGauge.COMMON) {
            ScrewGauge screw = new ScrewGauge(gauge);
            sheet.row(List.of("No. " + gauge), List.of(screw.diameter(), screw.pilot(plan.job().section().wood()),
                    screw.head()));
        }
    }

    private void figures(Slate slate) throws IOException {
        sheet.columns(List.of("to set, cut and drill", ""), List.of(0.0, 0.6));
        for (Slate.Row row : slate.rows()) {
            sheet.row(List.of(notation.words(row.name())), values(row));
        }
    }

    private static List<Quantity> values(Slate.Row row) {
        return row.readings().stream().limit(1).map(Reading::value).toList();
    }

    private void glueUp(GlueUpWork work) throws IOException {
        sheet.newPage();
        sheet.heading("Glue-up: " + plan.job().glueUp().glue().name() + ", " + work.glue().school().title() + ", "
                + work.glue().holding().title());
        sheet.figure(Drawing.of(GlueUpFigure.of(plan), sheet.textWidth() / UNIT, 230 / UNIT, notation), UNIT);
        figures(Chapters.at(Station.GLUE_UP).slate(plan));
        List<String> order = new ArrayList<>();
        work.glue().order().forEach(corner -> order.add(String.valueOf(corner)));
        sheet.note("–", "Screws and pins in this order of corners, counted clockwise: " + String.join(", ", order)
                + ". Stop short of splitting.", false);
        for (GlueStep step : work.glue().steps()) {
            sheet.tick(step.what(), "  (" + time(step) + (step.open() ? ", glue is open" : "") + ")");
        }
        sheet.note("!", "Gloves for epoxy and polyurethane. The label decides.", true);
        if (plan.job().glueUp().finish().solvent()) {
            sheet.note("!", "Air the room while this finish dries, and keep flames away.", true);
        }
        if (plan.job().glueUp().finish().oily()) {
            sheet.note("!", "Oily rags dry flat outdoors or lie in a closed metal can of water: they can catch fire.",
                    true);
        }
    }

    private String time(GlueStep step) {
        String hands = Sentence.of("{0}", new Scalar(Math.round(step.seconds() / 6.0) / 10.0, "min", 1)).in(notation);
        return step.rest() == 0
                ? hands
                : Sentence.of(hands + ", then wait {0}", new Scalar(Math.round(step.rest() / 6.0) / 10.0, "min", 1))
                        .in(notation);
    }
}
