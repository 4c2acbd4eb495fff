package neatcorner.exchange.station.saw;

import static neatcorner.exchange.station.PlanNumbers.degrees;
import static neatcorner.exchange.station.PlanNumbers.mm;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.paper.StepCard;
import neatcorner.exchange.station.PlanNumbers;
import neatcorner.exchange.station.StationFiles;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.piece.Tip;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.saw.Saw;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.saw.Side;
import neatcorner.saw.measured.BestOrder;
import neatcorner.station.saw.Assembly;
import neatcorner.station.saw.SawFigure;
import neatcorner.station.saw.SawSlates;
import neatcorner.station.saw.SawWords;
import neatcorner.station.shape.JointWords;
import org.jspecify.annotations.Nullable;

/** The settings of the saw, and how measured pieces close. */
public final class SawFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.SAW;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        root.with("saw", Json.of(plan.settings().stream().map(setting -> setting(setting, plan)).toList()));
        Assembly.of(plan).ifPresent(
                assembly -> root.with("assembly", assembly(plan, assembly, telling.notation())));
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        switch (moment) {
            case FINAL_CUTS -> settings(plan, sheet);
            case CAUTIONS -> cautions(plan, sheet);
            case FRAME, CUT_LIST, BOARDS, MILLING, FIRST_CUTS, CORNERS, GLUE_UP, FIT_OUT, HANGING, PACK, FULL_SIZE,
                    SHEETS ->
                {
                }
        }
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

    /** How measured pieces close, and what to do. */
    private static Json assembly(Plan plan, Assembly assembly, Notation notation) {
        Json.Fields fields = Json.object().with("lastGap", Json.of(assembly.closing().lastGap(), 4))
                .with("spreadGap", Json.of(assembly.closing().spreadGap(), 4))
                .with("diagonals", Json.of(assembly.closing().diagonals().stream().map(PlanNumbers::mm).toList()));
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

    /** Each setting of the saw as a card: the table from above, the stop, and a box for every piece. */
    private static void settings(Plan plan, Column sheet) throws IOException {
        sheet.keepTogether(190);
        sheet.heading(SawPaperTexts.SAW_SETTINGS_IN_THIS_ORDER,
                SawPaperTexts.LEFT_AND_RIGHT_ARE);
        Saw saw = plan.job().saw();
        List<StepCard> cards = new ArrayList<>();
        List<SawCut> first = plan.cuts().stream().filter(cut -> cut.kind() == SawCut.Kind.FIRST_MITER).toList();
        cards.add(new StepCard(1, SawPaperTexts.FIRST_END_OF_EVERY,
                first.isEmpty() ? null : SawFigure.of(plan, first.getFirst()).bare(), null, firstCuts(plan),
                List.of()));
        for (SawSetting setting : plan.settings()) {
            SawCut cut = plan.cutOf(setting);
            cards.add(new StepCard(cards.size() + 1,
                    SawPaperTexts.STOP_FOR.formatted(String.join(", ", setting.pieces())),
                    SawFigure.of(plan, cut).bare(), setting.stop(),
                    SawWords.of(saw, cut, stands -> (cut.isFaceDown(saw)
                            ? SawPaperTexts.TURNED_OVER
                            : SawPaperTexts.FACE_UP)
                            .formatted(stands, SawWords.points(setting), cut.lies(saw).title())),
                    pieces(plan, setting)));
        }
        sheet.cards(cards);
        int step = cards.size() + 1;
        for (Sentence joint : JointWords.of(plan)) {
            sheet.note(String.valueOf(step++), joint, false);
        }
    }

    private static List<String> pieces(Plan plan, SawSetting setting) {
        List<String> names = new ArrayList<>();
        for (int frame = 1; frame <= plan.job().quantity(); frame++) {
            for (String piece : setting.pieces()) {
                names.add(plan.job().quantity() > 1 ? piece + frame : piece);
            }
        }
        return names;
    }

    /** What the first cuts have in common. */
    private static Sentence firstCuts(Plan plan) {
        Saw saw = plan.job().saw();
        List<SawCut> first = plan.cuts().stream().filter(cut -> cut.kind() == SawCut.Kind.FIRST_MITER).toList();
        boolean alike = first.stream().allMatch(cut -> cut.end().isNear(first.getFirst().end()));
        if (first.isEmpty() || !alike) {
            return Sentence.of(saw.rough().isPositive()
                    ? SawPaperTexts.FIRST_CUTS_DIFFER_ROUGH
                    : SawPaperTexts.FIRST_CUTS_DIFFER,
                    saw.rough());
        }
        return SawWords.of(saw, first.getFirst(), stands -> (saw.rough().isPositive()
                ? SawPaperTexts.FIRST_CUTS_ROUGH
                : SawPaperTexts.FIRST_CUTS)
                .formatted(stands), saw.rough());
    }

    /** Of all that is done before a corner is put together, and of the glue: what has no place of its own on the paper. */
    private static void cautions(Plan plan, Column sheet) throws IOException {
        sheet.inTwoColumns(Stream.of(Station.SAW, Station.SECTION, Station.STICKS, Station.GLUE_UP)
                .flatMap(station -> Chapters.at(station).cautions(plan).stream()).<Column.Part>map(
                        caution -> column -> column.note("!", caution, false))
                .toList());
    }
}
