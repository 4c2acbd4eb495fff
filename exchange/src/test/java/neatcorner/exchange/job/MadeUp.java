package neatcorner.exchange.job;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.Material;
import neatcorner.glueup.Glue;
import neatcorner.glueup.Recipe;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.stock.Span;
import neatcorner.wood.Species;

/** A value of any type that a job or a shop is made of, with nothing left out. */
final class MadeUp {

    private MadeUp() {}

    /** Throws {@link IllegalArgumentException} where none is known for the type. */
    static Object of(Type type) {
        if (type instanceof ParameterizedType many) {
            Type each = many.getActualTypeArguments()[0];
            if (many.getRawType() == List.class) {
                return List.of(of(each));
            }
            if (many.getRawType() == Set.class && each == DayOfWeek.class) {
                return Set.of(DayOfWeek.MONDAY);
            }
        }
        if (!(type instanceof Class<?> kind)) {
            throw new IllegalArgumentException("nothing is made up for " + type);
        }
        if (kind == String.class) {
            return "made up";
        } else if (kind == int.class || kind == Integer.class) {
            return 1;
        } else if (kind == double.class || kind == Double.class) {
            return 0.5;
        } else if (kind == boolean.class || kind == Boolean.class) {
            return true;
        } else if (kind == Length.class) {
            return Length.mm(7.3);
        } else if (kind == Angle.class) {
            return Angle.ofDegrees(1.5);
        } else if (kind == LocalDate.class) {
            return LocalDate.of(2027, 5, 6);
        } else if (kind == LocalTime.class) {
            return LocalTime.of(7, 30);
        } else if (kind == Species.class) {
            return Species.named("walnut");
        } else if (kind == Material.class) {
            return Material.named("slate");
        } else if (kind == Glue.class) {
            return Glue.KNOWN.getLast();
        } else if (kind == Recipe.class) {
            return Recipe.KNOWN.getLast();
        } else if (kind == Span.class) {
            return new Span(Length.mm(7.3), Length.mm(52));
        } else if (kind == ReinforcementKind.class) {
            return ReinforcementKind.TENON;
        } else if (kind.isEnum()) {
            return kind.getEnumConstants()[0];
        } else if (kind.isRecord()) {
            return record(kind);
        } else if (kind.isSealed()) {
            return of(kind.getPermittedSubclasses()[0]);
        }
        throw new IllegalArgumentException("nothing is made up for " + kind);
    }

    private static Object record(Class<?> kind) {
        RecordComponent[] components = kind.getRecordComponents();
        try {
            Constructor<?> whole = kind.getDeclaredConstructor(
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
            whole.setAccessible(true);
            return whole.newInstance(Arrays.stream(components).map(each -> of(each.getGenericType())).toArray());
        } catch (InvocationTargetException e) {
            throw new IllegalArgumentException(kind + " takes nothing made up: " + e.getCause(), e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(kind.getName(), e);
        }
    }
}
