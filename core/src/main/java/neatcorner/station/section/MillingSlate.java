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
        rows.add(Slate.Row.plain("%s: %s".formatted(Sentence.capital(pass.tool().title()), operation.title()),
                Reading.given(SectionTexts.PASS, Scalar.count(index + 1)),
                Reading.given(SectionTexts.OF, Scalar.count(passes.size()))));
        if (pass.tool() == Tool.PLANE) {
            rows.add(Slate.Row.large(SectionTexts.PLANE_OFF,
                    Reading.given(SectionTexts.PLANED_ACROSS_THE_FACE, pass.height())));
            return new Slate(rows);
        }
        if (pass.isAfterAssembly(section)) {
            rows.add(Slate.Row.plain(SectionTexts.ONCE_THE_FRAME_IS_GLUED,
                    Reading.given(SectionTexts.BEARING_ALONG_THE_SIGHT,
                            Objects.requireNonNull(pass.wide()))));
        }
        rows.add(pass.isInFence()
                ? Slate.Row.large(SectionTexts.STANDS_OUT_OF_THE_FENCE,
                        Reading.computed(SectionTexts.STANDS_OUT_OF_THE_FENCE,
                                Objects.requireNonNull(pass.wide()), SectionTexts.AS_WIDE_AS_IT_CUTS))
                : Slate.Row.large(SectionTexts.FENCE, fence(pass)));
        rows.add(
                Slate.Row.large(pass.tool() == Tool.ROUTER ? SectionTexts.BIT_HEIGHT : SectionTexts.BLADE_HEIGHT,
                        height(operation, pass)));
        if (pass.tilt() != null) {
            rows.add(Slate.Row.large(SectionTexts.TILT, Reading.computed(SectionTexts.TILT, pass.tilt(),
                    SectionTexts.TILT_FORMULA)));
        }
        rows.add(Slate.Row.plain(SectionTexts.DEEPEST_IN_ONE_PASS,
                Reading.computed(SectionTexts.DEEPEST_PASS_IN.formatted(Theirs.words(section.wood().name())),
                        Passes.deepest(pass.tool(), section.wood()), SectionTexts.COMMON_PRACTICE_FOR_THIS_TOOL)));
        return new Slate(rows);
    }

    private static Reading fence(MillPass pass) {
        return Reading.computed(SectionTexts.FENCE, pass.fence(), pass.tilt() == null
                ? SectionTexts.FENCE_FORMULA
                : SectionTexts.FENCE_FORMULA_TILTED);
    }

    private static Reading height(Operation operation, MillPass pass) {
        Length depth = Passes.depth(operation);
        return pass.of() > 1 && pass.tool() == Tool.ROUTER
                ? Reading.computed(SectionTexts.HEIGHT, pass.height(),
                        "{0} × %s ÷ %s".formatted(pass.number(), pass.of()),
                        Reading.given(SectionTexts.DEPTH, depth))
                : Reading.computed(SectionTexts.HEIGHT, pass.height(), SectionTexts.AS_DEEP_AS_IT_CUTS);
    }

    /** The rows of the safe zone. */
    static Optional<Slate.Row> safeZone(Plan plan) {
        return plan.safeZone().map(zone -> Slate.Row.plain(SectionTexts.SAFE_FOR_HIDDEN_PARTS,
                Reading.computed(SectionTexts.SAFE_ZONE_WIDTH, Length.mm(zone.width()),
                        SectionTexts.SAFE_ZONE_FORMULA),
                Reading.computed(SectionTexts.SAFE_ZONE_HEIGHT, Length.mm(zone.height()),
                        SectionTexts.SAFE_ZONE_FORMULA)));
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
            return Sentence.of(SectionTexts.PLANE_A_FACET
                    .formatted(Sentence.capital(where(operation)), pass.rest().title()), pass.height());
        }
        boolean after = pass.isAfterAssembly(section);
        Length wide = pass.wide();
        String fence = after
                ? SectionTexts.SET_BEARING
                : pass.isInFence()
                        ? SectionTexts.SET_IN_FENCE
                        : wide == null
                                ? pass.tilt() == null
                                        ? SectionTexts.SET_FROM_BLADE
                                        : SectionTexts.SET_FROM_BLADE_ON_TABLE
                                : SectionTexts.SET_FROM_BIT;
        String tilt = pass.tilt() == null
                ? ""
                : pass.leans()
                        ? SectionTexts.TILTED_TOWARDS_FENCE
                        : SectionTexts.TILTED_FROM_FENCE;
        String lies = after
                ? SectionTexts.LIES_GLUED_FACE_DOWN
                : SectionTexts.LIES_ON_THE_TABLE.formatted(pass.rest().title(), pass.guide().title());
        List<Quantity> sizes = new ArrayList<>(List.of(pass.fence(), pass.height(),
                pass.tilt() == null ? Angle.ZERO : pass.tilt(), wide == null ? Length.ZERO : wide));
        StringBuilder higher = new StringBuilder();
        for (MillPass next : alike.subList(1, alike.size())) {
            higher.append((higher.isEmpty() ? SectionTexts.THEN_HIGHER : ", {%s}").formatted(sizes.size()));
            sizes.add(next.height());
        }
        String what = after
                ? SectionTexts.ONCE_GLUED_CUT.formatted(where(operation))
                : Sentence.capital(where(operation));
        return Sentence.of(SectionTexts.PASS_IN_WORDS.formatted(what, pass.tool().title(), which(alike), fence,
                higher, tilt, lies), sizes.toArray(Quantity[]::new));
    }

    private static String which(List<MillPass> alike) {
        MillPass first = alike.getFirst();
        return first.of() == 1
                ? ""
                : alike.size() == 1
                        ? SectionTexts.PASS_OF.formatted(first.number(), first.of())
                        : SectionTexts.PASSES_OF.formatted(first.number(), alike.getLast().number(), first.of());
    }

    private static String where(Operation operation) {
        return switch (operation) {
            case Operation.PackRabbet pack -> pack.title();
            case Operation.Shaped shaped -> "%s, %s".formatted(shaped.title(), shaped.edge().title());
            case Operation.Groove groove -> SectionTexts.GROOVE_IN_A_FACE.formatted(groove.face().title());
            case Operation.Rip rip -> rip.title();
        };
    }
}
