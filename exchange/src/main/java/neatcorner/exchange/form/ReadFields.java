package neatcorner.exchange.form;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** Takes a record's components out of an object in a file. */
record ReadFields<R>(Node node, Units units) implements Fields<R> {

    @Override
    public <T> @Nullable T take(String name, Function<R, ? extends @Nullable T> of, Form<T> form, Need need,
            Function<Units, @Nullable T> otherwise, String says) throws BadFile {
        Optional<Node> there = need == Need.MUST
                ? Optional.of(node.required(name))
                : need == Need.USUAL ? Optional.of(node.usual(name)) : node.optional(name);
        return there.isEmpty() ? otherwise.apply(units) : form.read(there.get(), units);
    }

    @Override
    public <T> T within(String name, Need need, String says, Inner<R, T> make) throws BadFile {
        return make.make(new ReadFields<>(need == Need.MUST ? node.required(name) : node.usual(name), units));
    }

    @Override
    public <P> P part(Function<R, P> of, Make<P> make) throws BadFile {
        return make.make(new ReadFields<>(node, units));
    }

    @Override
    public R choose(String word, @Nullable String otherwise, List<Kind<R>> kinds, String says) throws BadFile {
        Node named = otherwise == null ? node.required(word) : node.optional(word).orElse(null);
        String chosen = named == null ? otherwise : named.text();
        for (Kind<R> kind : kinds) {
            if (kind.words().contains(chosen)) {
                return kind.take(this);
            }
        }
        throw (named == null ? node : named)
                .expected("one of " + String.join(", ", kinds.stream().map(Kind::word).toList()));
    }

    @Override
    public <T> T there(String name, @Nullable T value, Form<T> form) throws BadFile {
        if (value == null) {
            throw node.missing(name);
        }
        return value;
    }

    @Override
    public void rule(Function<Units, Json> rule) {}

    @Override
    public int index() {
        return node.index();
    }

    @Override
    public BadFile expected(String name, String what) {
        return node.expected(name, what);
    }
}
