package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.section.MillPass;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.Section;
import neatcorner.section.Tool;

/** What stands on the slate while the section is milled: fence and height of the pass, and what it is for. */
public final class MillingSlate {

    private MillingSlate() {}

    /** Of one pass, counted over all operations. */
    public static Slate of(Plan plan, int wanted) {
        Section section = plan.job().section();
        List<MillPass> passes = Passes.of(section);
        if (passes.isEmpty()) {
            return new Slate(List.of());
        }
        int index = Math.min(wanted, passes.size() - 1);
        MillPass pass = passes.get(index);
        Operation operation = section.milling().order(section.rabbet()).get(pass.operation());
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.plain(Sentence.capital(pass.tool().title()) + ": " + operation.title(),
                Reading.given("Pass", Scalar.count(index + 1)), Reading.given("of", Scalar.count(passes.size()))));
        if (pass.tool() == Tool.PLANE) {
            rows.add(Slate.Row.large("Plane off", Reading.given("Planed across the face", pass.height())));
            return new Slate(rows);
        }
        if (pass.isAfterAssembly(section)) {
            rows.add(Slate.Row.plain("Once the frame is glued", Reading.given("Bearing along the sight edge",
                    Objects.requireNonNull(pass.wide()))));
        }
        rows.add(pass.isInFence()
                ? Slate.Row.large("Stands out of the fence", Reading.computed("Stands out of the fence",
                        Objects.requireNonNull(pass.wide()), "as wide as it cuts"))
                : Slate.Row.large("Fence", fence(pass)));
        rows.add(
                Slate.Row.large(pass.tool() == Tool.ROUTER ? "Bit, height" : "Blade, height", height(operation, pass)));
        if (pass.tilt() != null) {
            rows.add(Slate.Row.large("Tilt", Reading.computed("Tilt", pass.tilt(),
                    "the angle whose tangent is the width of the slope ÷ its depth")));
        }
        rows.add(Slate.Row.plain("Deepest in one pass",
                Reading.computed("Deepest pass in " + Theirs.words(section.wood().name()),
                        Passes.deepest(pass.tool(), section.wood()), "common practice for this tool and wood")));
        return new Slate(rows);
    }

    private static Reading fence(MillPass pass) {
        return Reading.computed("Fence", pass.fence(), pass.tilt() == null
                ? "from the fence to the near side of the cut: what stays lies between them"
                : "from the fence to the near side of the cut, on the table: the slope run on to it");
    }

    private static Reading height(Operation operation, MillPass pass) {
        Length depth = Passes.depth(operation);
        return pass.of() > 1 && pass.tool() == Tool.ROUTER
                ? Reading.computed("Height", pass.height(), "{0} × " + pass.number() + " ÷ " + pass.of(),
                        Reading.given("Depth", depth))
                : Reading.computed("Height", pass.height(), "as deep as it cuts, above the table");
    }

    /** The rows of the safe zone. */
    static Optional<Slate.Row> safeZone(Plan plan) {
        return plan.safeZone().map(zone -> Slate.Row.plain("Safe for hidden parts",
                Reading.computed("Safe zone, width", Length.mm(zone.width()),
                        "largest rectangle [5 mm|3/16 in] from what shows and [3 mm|1/8 in] from rabbet and back"),
                Reading.computed("Safe zone, height", Length.mm(zone.height()),
                        "largest rectangle [5 mm|3/16 in] from what shows and [3 mm|1/8 in] from rabbet and back")));
    }

    /** What is done in a pass, in words, for paper and for the station. */
    public static Sentence inWords(Section section, MillPass pass) {
        return inWords(section, List.of(pass));
    }

    /** The passes of a section; those of one operation that differ in nothing but their height stand together. */
    public static List<List<MillPass>> alike(Section section) {
        List<List<MillPass>> alike = new ArrayList<>();
        for (MillPass pass : Passes.of(section)) {
            if (!alike.isEmpty() && isAlike(alike.getLast().getFirst(), pass)) {
                alike.getLast().add(pass);
            } else {
                alike.add(new ArrayList<>(List.of(pass)));
            }
        }
        return alike;
    }

    private static boolean isAlike(MillPass a, MillPass b) {
        return a.tool() != Tool.PLANE && a.operation() == b.operation() && a.tool() == b.tool() && a.rest() == b.rest()
                && a.guide() == b.guide() && a.fence().equals(b.fence()) && Objects.equals(a.wide(), b.wide())
                && Objects.equals(a.tilt(), b.tilt()) && a.leans() == b.leans();
    }

    /** How to set tool and fence for passes that differ in nothing but their height, and how the stick lies. */
    public static Sentence inWords(Section section, List<MillPass> alike) {
        MillPass pass = alike.getFirst();
        Operation operation = section.milling().order(section.rabbet()).get(pass.operation());
        if (pass.tool() == Tool.PLANE) {
            return Sentence.of(Sentence.capital(where(operation)) + ": plane a facet {0} wide, " + pass.rest().title()
                    + " on the bench.", pass.height());
        }
        boolean after = pass.isAfterAssembly(section);
        Length wide = pass.wide();
        String fence = after
                ? "bearing along the sight edge, cutting {3} wide"
                : pass.isInFence()
                        ? "let into the fence, standing out {3}"
                        : wide == null
                                ? "fence {0} from the near side of the blade"
                                        + (pass.tilt() == null ? "" : ", on the table")
                                : "fence {0} from the near side of a {3} bit";
        String tilt = pass.tilt() == null
                ? ""
                : ", tilted {2} with its top " + (pass.leans() ? "towards" : "away from") + " the fence";
        String lies = after
                ? "the glued frame face down. Square the corners with a chisel"
                : pass.rest().title() + " on the table, " + pass.guide().title() + " to the fence";
        List<Quantity> sizes = new ArrayList<>(List.of(pass.fence(), pass.height(),
                pass.tilt() == null ? Angle.ZERO : pass.tilt(), wide == null ? Length.ZERO : wide));
        StringBuilder higher = new StringBuilder();
        for (MillPass next : alike.subList(1, alike.size())) {
            higher.append(higher.isEmpty() ? ", then {" : ", {").append(sizes.size()).append('}');
            sizes.add(next.height());
        }
        return Sentence.of(
                (after ? "Once the frame is glued, " + where(operation) : Sentence.capital(where(operation))) + ", "
                        + pass.tool().title() + which(alike)
                        + ": "
                        + fence + ", height {1}" + higher + tilt + "; " + lies + ".",
                sizes.toArray(Quantity[]::new));
    }

    private static String which(List<MillPass> alike) {
        MillPass first = alike.getFirst();
        return first.of() == 1
                ? ""
                : alike.size() == 1
                        ? ", pass " + first.number() + " of " + first.of()
                        : ", passes " + first.number() + " to " + alike.getLast().number() + " of " + first.of();
    }

    private static String where(Operation operation) {
        return switch (operation) {
            case Operation.PackRabbet pack -> pack.title();
            case Operation.Shaped shaped -> shaped.title() + ", " + shaped.edge().title();
            case Operation.Groove groove -> "groove in the " + groove.face().title();
            case Operation.Rip rip -> rip.title();
        };
    }
}
