package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.exchange.BadFile;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.glueup.Glue;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.member.MemberKind;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.ShopSaw;
import neatcorner.section.Operation;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * A file forgets nothing: every component of every record that a job or a shop reaches is changed, one at a time, and comes
 * back changed.
 */
class EverythingTest {
    /** What is known by its name alone; its other components follow from that. */
    private static final Set<String> BY_NAME = Set.of("Species", "Material", "Glue", "Recipe");
    private final Set<String> seen = new TreeSet<>();
    private final Set<String> lost = new TreeSet<>();
    /** What was not there in the full job, and nothing could be made up for. */
    private final Set<String> unfilled = new TreeSet<>();

    /** A job in which every list has something, and everything that may be missing is there. */
    static JobFile full() throws BadFile {
        try (var in = EverythingTest.class.getResourceAsStream("everything.json")) {
            return JobFile.read(new String(Objects.requireNonNull(in).readAllBytes(),
                    StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void everyComponentOfAJobComesBack() throws Exception {
        Job job = full().job();
        assertEquals(job, JobFile.read(JobFile.of(job).text()).job());
        walk(job, job, Function.identity(), changed -> JobFile.read(JobFile.of((Job) changed).text()).job());
        KnownShop shop = full().madeIn();
        walk(shop, shop, Function.identity(), changed -> JobFile.read(JobFile.of(job).madeIn((KnownShop) changed)
                .text()).madeIn());
        assertEquals(Set.of(), lost);
        assertEquals(Set.of(), unfilled);
        assertTrue(seen.size() > 110, seen.size() + " components: " + seen);
    }

    @Test
    void everyComponentOfEveryShapeComesBack() throws Exception {
        Job job = full().job();
        Loop house = Loop.clockwise(List.of(new Vertex(0, 0), new Vertex(300, 0), new Vertex(400, 250),
                new Vertex(150, 400)));
        List<Shape> shapes = List.of(new Shape.Rectangle(), new Shape.Regular(7, true), new Shape.Polygon(house),
                new Shape.Arch(Shape.Curve.ELLIPSE, Length.mm(90), 5), new Shape.Circle(9), new Shape.Ellipse(11));
        assertEquals(Set.of(Shape.class.getPermittedSubclasses()),
                shapes.stream().map(Object::getClass).collect(Collectors.toSet()));
        for (Shape shape : shapes) {
            Outline outline = new Outline(shape, Angle.ofDegrees(12), List.of(), Length.mm(130));
            walk(outline, outline, Function.identity(),
                    changed -> JobFile.read(JobFile.of(job.withOutline((Outline) changed)).text()).job().outline());
        }
        assertEquals(Set.of(), lost);
        assertEquals(Set.of(), unfilled);
        assertTrue(seen.contains("Arch.segments") && seen.contains("Vertex.x"), seen.toString());
    }

    @Test
    void everyComponentOfAShopSawComesBack() throws Exception {
        SawReading reading = new SawReading(LocalDate.of(2026, 4, 5), Angle.ofDegrees(22.5), Angle.ofDegrees(-0.12),
                false, true);
        ShopSaw saw = new ShopSaw(full().job().saw(), SawLog.empty().plus(reading));
        walk(saw, saw, Function.identity(),
                changed -> SawsFile.read(SawsFile.write(List.of((ShopSaw) changed))).getFirst());
        assertEquals(Set.of(), lost);
        assertEquals(Set.of(), unfilled);
        assertTrue(seen.contains("SawReading.turned"), seen.toString());
    }

    @Test
    void everyComponentOfTheShopComesBack() throws Exception {
        KnownShop shop = full().madeIn();
        walk(shop, shop, Function.identity(), changed -> ShopFile.read(ShopFile.write((KnownShop) changed)));
        assertEquals(Set.of(), lost);
        assertEquals(Set.of(), unfilled);
        assertTrue(seen.contains("CornerJig.least") && seen.contains("Shift.days"), seen.toString());
    }

    @Test
    void everyWayOfHoldingComesBack() throws Exception {
        Job job = full().job();
        for (Class<?> kind : Hold.class.getPermittedSubclasses()) {
            Hold hold = (Hold) MadeUp.of(kind);
            assertEquals(hold, JobFile.read(JobFile.of(job.withHold(hold)).text()).job().hold());
        }
    }

    /** Every kind of a thing that is sealed stands somewhere in the full job. */
    @Test
    void theFullJobHasEveryKind() throws Exception {
        Job job = full().job();
        assertEquals(Set.of(Layer.class.getPermittedSubclasses()),
                job.pack().layers().stream().map(Object::getClass).collect(Collectors.toSet()));
        assertEquals(Set.of(MemberKind.class.getPermittedSubclasses()),
                job.members().stream().map(member -> member.kind().getClass()).collect(Collectors.toSet()));
        Set<Object> operations = job.section().milling().operations().stream().map(Object::getClass)
                .collect(Collectors.toSet());
        operations.add(Operation.PackRabbet.class);
        assertEquals(Set.of(Operation.class.getPermittedSubclasses()), operations);
        assertEquals(Set.of(ReinforcementKind.values()), full().madeIn().shop().inventory().items().stream()
                .map(Reinforcement::kind).collect(Collectors.toSet()));
    }

    @FunctionalInterface
    private interface Trip {
        Object there(Object whole) throws Exception;
    }

    /** Changes each component of a record within a whole, and sends the whole through its file. */
    private void walk(Object whole, Object part, Function<Object, Object> put, Trip trip) throws Exception {
        for (RecordComponent component : part.getClass().getRecordComponents()) {
            String name = part.getClass().getSimpleName() + "." + component.getName();
            Object value = component.getAccessor().invoke(part);
            Function<@Nullable Object, Object> here = changed -> put.apply(with(part, component, changed));
            List<@Nullable Object> others = new ArrayList<>(
                    isKept(part, component) ? others(value, component) : List.of());
            Object filled = isKept(part, component) ? filled(part, value, component) : null;
            if (filled != null) {
                others.add(filled);
            }
            for (@Nullable
            Object other : others) {
                Object changed;
                try {
                    changed = here.apply(other);
                } catch (IllegalStateException impossible) {
                    continue;
                }
                seen.add(name);
                Object back;
                try {
                    back = trip.there(changed);
                } catch (BadFile e) {
                    lost.add(name + " = " + other + ": " + e.getMessage());
                    continue;
                }
                if (!changed.equals(back) || changed.equals(whole)) {
                    lost.add(name + " = " + other);
                }
            }
            if (filled != null) {
                Object there = here.apply(filled);
                Object one = filled instanceof List<?> list ? list.getLast() : filled;
                if (one instanceof Record inner && !isPlain(inner)) {
                    walk(there, inner,
                            changed -> here.apply(filled instanceof List<?> list ? with(list, changed) : changed),
                            trip);
                }
            }
            if (value instanceof Record inner && !isPlain(inner)) {
                walk(whole, inner, here, trip);
            }
            if (value instanceof List<?> list) {
                for (int i = 0; i < list.size(); i++) {
                    int at = i;
                    if (list.get(i) instanceof Record inner && !isPlain(inner)) {
                        walk(whole, inner, changed -> {
                            List<Object> all = new ArrayList<>(list);
                            all.set(at, changed);
                            return here.apply(all);
                        }, trip);
                    }
                }
            }
        }
    }

    /** What is written as one value. */
    private static boolean isPlain(Record value) {
        return BY_NAME.contains(value.getClass().getSimpleName()) || value instanceof Length || value instanceof Angle;
    }

    private static List<Object> with(List<?> list, Object last) {
        List<Object> all = new ArrayList<>(list);
        all.set(all.size() - 1, last);
        return all;
    }

    /** Something made up where there is nothing, or a list with one more; null where that is not meant. */
    private @Nullable Object filled(Object part, @Nullable Object value, RecordComponent component) {
        if (value != null && !(value instanceof List<?>)) {
            return null;
        }
        if (value instanceof List<?> list && !list.isEmpty()) {
            return null;
        }
        if (part instanceof Outline outline && component.getName().equals("faceWidths")) {
            int sides = outline.shape().sides();
            return sides == 0 ? null : Collections.nCopies(sides, Length.mm(27.5));
        }
        try {
            return MadeUp.of(component.getGenericType());
        } catch (IllegalArgumentException e) {
            unfilled.add(
                    component.getDeclaringRecord().getSimpleName() + "." + component.getName() + ": " + e.getMessage());
            return null;
        }
    }

    /** Not what a kind of part has no such size for, nor what follows from something else. */
    private static boolean isKept(Object part, RecordComponent component) {
        if (part instanceof Reinforcement what) {
            boolean biscuit = what.kind() == ReinforcementKind.BISCUIT;
            return switch (component.getName()) {
                case "kind" -> false;
                case "size" -> !biscuit && what.kind() != ReinforcementKind.PEG;
                case "thickness" -> !biscuit;
                case "width" -> !biscuit && !what.kind().widthName().isEmpty();
                default -> true;
            };
        }
        boolean same = part instanceof Operation.Shaped round && !round.shape().hasDepth()
                && component.getName().equals("size");
        boolean shape = part instanceof Operation.Shaped && component.getName().equals("shape");
        boolean follows = part instanceof Operation.Shaped shaped && component.getName().equals("depth")
                && !shaped.shape().hasDepth();
        return !same && !shape && !follows;
    }

    /** Other values that a component may have. */
    private static List<@Nullable Object> others(@Nullable Object value, RecordComponent component) {
        List<@Nullable Object> all = new ArrayList<>();
        switch (value) {
            case null -> {
            }
            case String file when component.getName().equals("photo") -> all.add("too “" + file);
            case String text -> all.add(text + " {1} “too” =\\");
            case Integer number -> all.add(number + 1);
            case Double share when component.getName().equals("at") -> all.add(share / 2);
            case Double number -> all.add(number + 1);
            case Boolean flag -> all.add(!flag);
            case Length length -> all.add(length.plus(new Length(3217)));
            case Angle angle -> all.add(Angle.ofDegrees(angle.degrees() + 0.125));
            case LocalTime time -> all.add(time.plusMinutes(7));
            case LocalDate day -> all.add(day.plusDays(40));
            case Species wood -> all.add(Species.named("walnut"));
            case Material material -> all.add(Material.named("slate"));
            case Glue glue -> all.addAll(Glue.KNOWN);
            case Recipe recipe -> all.addAll(Recipe.KNOWN);
            case Enum<?> word -> all.addAll(List.of(word.getDeclaringClass().getEnumConstants()));
            case Set<?> set -> all.add(Set.of(DayOfWeek.SUNDAY));
            case List<?> list -> all.add(List.of());
            case Record record -> {
            }
            default -> throw new IllegalStateException("what else may " + component + " be than " + value + "?");
        }
        all.remove(value);
        boolean mayBeNull = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        if (mayBeNull && value != null && !(value instanceof CornerJig)) {
            all.add(null);
        }
        return all;
    }

    private static Object with(Object record, RecordComponent component, @Nullable Object value) {
        try {
            RecordComponent[] all = record.getClass().getRecordComponents();
            Class<?>[] types = new Class<?>[all.length];
            Object[] values = new Object[all.length];
            for (int i = 0; i < all.length; i++) {
                types[i] = all[i].getType();
                values[i] = all[i].getName().equals(component.getName()) ? value : all[i].getAccessor().invoke(record);
            }
            var constructor = record.getClass().getDeclaredConstructor(types);
            constructor.setAccessible(true);
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(record.getClass() + "." + component.getName(), e);
        }
    }
}
