package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** A maker's words are shown as they were typed, in whatever text of ours they stand. */
class TheirsTest {
    private static final Notation UK = new Notation(ReadingStep.usual(Units.MILLIMETRES), Spelling.UK);
    private static final String ODD = "gray mat {0} {1} {name} $1 \\2";

    @Test
    void wordsOfOursAreRespeltAndTheirsAreNot() {
        assertEquals("mitre the gray mat with grey mounts",
                UK.words("miter the " + Theirs.words("gray mat") + " with gray mats"));
        assertEquals("gray", UK.words(Theirs.words("gray")));
        assertEquals("gray and gray, grey", UK.words(Theirs.words("gray") + " and " + Theirs.words("gray") + ", gray"));
    }

    @Test
    void aSentenceFillsItsOwnPlacesOnly() {
        assertEquals(ODD + " is 5 mm, " + ODD, new Sentence(Theirs.words(ODD) + " is {0}, {name}", ODD,
                List.of(Length.mm(5))).in(UK));
    }

    @Test
    void aWorkingFillsItsOwnPlacesOnceAndForAll() {
        Reading first = Reading.given(Theirs.words("{1}") + " rabbet", Length.mm(3));
        Reading second = Reading.given("Mat of " + Theirs.words("gray {0}"), Length.mm(4));
        Reading sum = Reading.computed("Both in " + Theirs.words(ODD), Length.mm(7),
                "{0} + {1}, for the " + Theirs.words(ODD), first, second);
        assertEquals("Both in " + ODD + " 7 mm = {1} rebate 3 + mount of gray {0} 4, for the " + ODD, sum.working(UK));
    }

    @Property(tries = 1000)
    void whateverTheNameIsItIsThereLetterByLetter(@ForAll String name) {
        String plain = Theirs.plain(name);
        assertEquals(plain, UK.words(Theirs.words(name)));
        assertTrue(Sentence.of("miter " + Theirs.words(name) + " by {0}", Length.mm(1)).in(UK)
                .equals("mitre " + plain + " by 1 mm"));
        assertEquals(plain, Theirs.plain(Theirs.words(name)));
    }
}
