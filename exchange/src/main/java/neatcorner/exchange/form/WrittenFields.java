package neatcorner.exchange.form;

import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** Puts a record's components into an object of a file; what is null is left out. */
record WrittenFields<R>(R value, Units units, Json.Fields out) implements Fields<R> {

    @Override
    public <T> @Nullable T take(String name, Function<R, ? extends @Nullable T> of, Form<T> form, Need need,
            Function<Units, @Nullable T> otherwise, String says) {
        T component = of.apply(value);
        if (component != null) {
            out.with(name, form.write(component, units));
        }
        return component;
    }

    @Override
    public <T> T within(String name, Need need, String says, Inner<R, T> make) throws BadFile {
        Json.Fields inner = Json.object();
        T made = make.make(new WrittenFields<>(value, units, inner));
        out.with(name, inner.end());
        return made;
    }

    @Override
    public <P> P part(Function<R, P> of, Make<P> make) throws BadFile {
        return make.make(new WrittenFields<>(of.apply(value), units, out));
    }

    @Override
    public R choose(String word, @Nullable String otherwise, List<Kind<R>> kinds, String says) throws BadFile {
        for (Kind<R> kind : kinds) {
            if (kind.test().test(value)) {
                out.with(word, kind.word());
                return kind.take(this);
            }
        }
        throw new IllegalStateException("no kind in files for " + value);
    }

    @Override
    public <T> T there(String name, @Nullable T value, Form<T> form) {
        if (value == null) {
            throw new IllegalStateException("no " + name + " in " + this.value);
        }
        return value;
    }

    @Override
    public void rule(Function<Units, Json> rule) {}

    @Override
    public int index() {
        return 0;
    }

    @Override
    public BadFile expected(String name, String what) {
        return new BadFile(0, name, what);
    }
}
