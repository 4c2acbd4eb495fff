package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.Node;

/** Rings and parts are told from each other by their names alone. */
final class OwnNames {
    private OwnNames() {}

    /**
     * Each with a name that none before it has; where a file is mended, what is called as another gets a number.
     *
     * @param taken what else must not be called so
     */
    static <T> List<T> apart(List<T> all, Function<T, String> name, BiFunction<T, String, T> named, Set<String> taken,
            Node at) throws BadFile {
        Set<String> given = new HashSet<>(taken);
        all.forEach(each -> given.add(name.apply(each)));
        Set<String> before = new HashSet<>(taken);
        List<T> apart = new ArrayList<>();
        for (T each : all) {
            String own = name.apply(each);
            if (before.add(own)) {
                apart.add(each);
                continue;
            }
            String other = free(own, given);
            given.add(other);
            before.add(other);
            apart.add(at.beyond("names of which no two are “" + own + "”", named.apply(each, other)));
        }
        return apart;
    }

    private static String free(String name, Set<String> given) {
        int number = 2;
        while (given.contains(numbered(name, number))) {
            number++;
        }
        return numbered(name, number);
    }

    private static String numbered(String name, int number) {
        String end = " " + number;
        return PlainText.within(name, Forms.MOST_CHARACTERS - end.length()) + end;
    }
}
