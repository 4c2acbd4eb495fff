package neatcorner.exchange.form;

import java.util.Map;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Units;

/** The form of a record, by the one method that takes its components. */
record RecordForm<R>(String name, Fields.Make<R> make) implements Form<R> {

    @Override
    public R read(Node node, Units units) throws BadFile {
        return make.make(new ReadFields<>(node, units));
    }

    @Override
    public Json.Obj write(R value, Units units) {
        Json.Fields out = Json.object();
        try {
            make.make(new WrittenFields<>(value, units, out));
        } catch (BadFile e) {
            throw new IllegalStateException("a " + name + " that no file can hold", e);
        }
        return out.end();
    }

    @Override
    public Description description() {
        return describe(Map.of());
    }

    /** With what counts, in files of either units, for what they leave out. */
    Description.Thing describe(Map<Units, Json> usual) {
        DescribedFields<R> fields = new DescribedFields<>(usual);
        run(fields);
        return fields.thing(name);
    }

    @Override
    public R sample() {
        return run(new DescribedFields<>(Map.of()));
    }

    private R run(DescribedFields<R> fields) {
        try {
            return make.make(fields);
        } catch (BadFile e) {
            throw new IllegalStateException("the form of a " + name, e);
        }
    }
}
