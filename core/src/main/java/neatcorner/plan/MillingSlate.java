package neatcorner.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.section.MillPass;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.section.Tool;

/** What stands on the slate while the section is milled: fence and height of the pass, and what it is for. */
public final class MillingSlate {

    private MillingSlate() {}

    /** Of one pass, counted over all operations. */
    public static Slate of(Plan plan, int wanted) {
        Section section = plan.job().section();
        List<MillPass> passes = Passes.of(section);
        int index = Math.min(wanted, passes.size() - 1);
        MillPass pass = passes.get(index);
        Operation operation = section.milling().order(section.rabbet()).get(pass.operation());
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.plain(capital(pass.tool().title()) + ": " + operation.title(),
                Reading.given("Pass", Scalar.count(index + 1)), Reading.given("of", Scalar.count(passes.size()))));
        if (pass.tool() == Tool.PLANE) {
            rows.add(Slate.Row.large("Plane off", Reading.given("Planed across the face", pass.height())));
            return new Slate(rows);
        }
        rows.add(Slate.Row.large("Fence", fence(operation, pass)));
        rows.add(
                Slate.Row.large(pass.tool() == Tool.ROUTER ? "Bit, height" : "Blade, height", height(operation, pass)));
        if (pass.tilt() != null) {
            rows.add(Slate.Row.large("Tilt", Reading.computed("Tilt", pass.tilt(),
                    "the angle whose tangent is the width of the slope ÷ its depth")));
        }
        rows.add(Slate.Row.plain("Deepest in one pass", Reading.given("Deepest pass in " + section.wood().name(),
                Passes.deepest(pass.tool(), section.wood()))));
        return new Slate(rows);
    }

    private static Reading fence(Operation operation, MillPass pass) {
        String how = operation instanceof Operation.Groove
                ? "from the fence to the near side of the bit"
                : "from the fence to the far side of the cut";
        return Reading.computed("Fence", pass.fence(), how);
    }

    private static Reading height(Operation operation, MillPass pass) {
        Length depth = Passes.depth(operation);
        return pass.of() > 1 && pass.tool() == Tool.ROUTER
                ? Reading.computed("Height", pass.height(), "{0} × " + pass.number() + " ÷ " + pass.of(),
                        Reading.given("Depth", depth))
                : Reading.given("Height", pass.height());
    }

    /** The rows of the safe zone. */
    static Optional<Slate.Row> safeZone(Section section) {
        return SafeZone.of(section).map(zone -> Slate.Row.plain("Safe for hidden parts",
                Reading.computed("Safe zone, width", Length.mm(zone.width()),
                        "largest rectangle 5 mm from what shows and 3 mm from rabbet and back"),
                Reading.computed("Safe zone, height", Length.mm(zone.height()),
                        "largest rectangle 5 mm from what shows and 3 mm from rabbet and back")));
    }

    /** What is done in a pass, in words, for paper and for the station. */
    public static Sentence inWords(Section section, MillPass pass) {
        Operation operation = section.milling().order(section.rabbet()).get(pass.operation());
        if (pass.tool() == Tool.PLANE) {
            return Sentence.of(capital(where(operation)) + ": plane a facet {0} wide, " + pass.rest().title()
                    + " on the bench.", pass.height());
        }
        String fence = operation instanceof Operation.Groove ? "fence {0} from the bit" : "fence {0} from the far side";
        String tilt = pass.tilt() == null ? "" : ", tilted {2}";
        Sentence said = Sentence.of(capital(where(operation)) + ", " + pass.tool().title()
                + (pass.of() > 1 ? ", pass " + pass.number() + " of " + pass.of() : "") + ": " + fence + ", height {1}"
                + tilt + "; " + pass.rest().title() + " on the table, " + pass.guide().title() + " to the fence.",
                pass.fence(), pass.height());
        return pass.tilt() == null
                ? said
                : new Sentence(said.template(), List.of(pass.fence(), pass.height(), pass.tilt()));
    }

    private static String where(Operation operation) {
        return switch (operation) {
            case Operation.PackRabbet pack -> pack.title();
            case Operation.Shaped shaped -> shaped.title() + ", " + shaped.edge().title();
            case Operation.Groove groove -> "groove in the " + groove.face().title();
            case Operation.Rip rip -> rip.title();
        };
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
