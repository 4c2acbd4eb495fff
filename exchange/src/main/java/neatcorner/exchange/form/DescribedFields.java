package neatcorner.exchange.form;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** Collects what fields a record has, and gives samples for its components. */
final class DescribedFields<R> implements Fields<R> {
    private final Map<Units, Json> usual;
    private final List<Description.Entry> entries;
    private final List<Description.Choice> choices;
    private final List<Function<Units, Json>> rules;

    private DescribedFields(Map<Units, Json> usual, List<Description.Entry> entries, List<Description.Choice> choices,
            List<Function<Units, Json>> rules) {
        this.usual = usual;
        this.entries = entries;
        this.choices = choices;
        this.rules = rules;
    }

    /** With what counts, in files of either units, for what they leave out. */
    DescribedFields(Map<Units, Json> usual) {
        this(usual, new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    }

    Description.Thing thing(String name) {
        return new Description.Thing(name, entries, choices, rules);
    }

    @Override
    public <T> @Nullable T take(String name, Function<R, ? extends @Nullable T> of, Form<T> form, Need need,
            Function<Units, @Nullable T> otherwise, String says) {
        Description what = form instanceof RecordForm<T> inner ? inner.describe(usual(name)) : form.description();
        entries.add(new Description.Entry(name, what, need == Need.MUST, in -> switch (need) {
            case MUST, MAYBE -> null;
            case USUAL -> usual(name).get(in);
            case OR -> written(form, otherwise.apply(in), in);
        }, says));
        return need == Need.MAYBE ? null : form.sample();
    }

    private static <T> @Nullable Json written(Form<T> form, @Nullable T value, Units units) {
        return value == null ? null : form.write(value, units);
    }

    private Map<Units, Json> usual(String name) {
        Map<Units, Json> within = new EnumMap<>(Units.class);
        usual.forEach((units, json) -> {
            Json value = json instanceof Json.Obj object ? object.fields().get(name) : null;
            if (value != null) {
                within.put(units, value);
            }
        });
        return within;
    }

    @Override
    public <T> T within(String name, Need need, String says, Inner<R, T> make) throws BadFile {
        DescribedFields<R> inner = new DescribedFields<>(usual(name));
        T made = make.make(inner);
        entries.add(new Description.Entry(name, inner.thing(""), need == Need.MUST, usual(name)::get, says));
        return made;
    }

    @Override
    public <P> P part(Function<R, P> of, Make<P> make) throws BadFile {
        return make.make(new DescribedFields<>(usual, entries, choices, rules));
    }

    @Override
    public R choose(String word, @Nullable String otherwise, List<Kind<R>> kinds, String says) throws BadFile {
        List<Description.Case> cases = new ArrayList<>();
        R first = null;
        for (Kind<R> kind : kinds) {
            DescribedFields<R> inner = new DescribedFields<>(usual);
            R made = kind.take(inner);
            first = first == null ? made : first;
            cases.add(new Description.Case(kind.words(), inner.thing("")));
        }
        choices.add(new Description.Choice(word, otherwise, cases, says));
        return Objects.requireNonNull(first);
    }

    @Override
    public <T> T there(String name, @Nullable T value, Form<T> form) {
        return value == null ? form.sample() : value;
    }

    @Override
    public void rule(Function<Units, Json> rule) {
        rules.add(rule);
    }

    @Override
    public int index() {
        return 0;
    }

    @Override
    public Units units() {
        return Units.MILLIMETRES;
    }

    @Override
    public BadFile expected(String name, String what) {
        throw new IllegalStateException(name + ": a sample that is not " + what);
    }
}
