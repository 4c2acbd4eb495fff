package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Collections;
import org.junit.jupiter.api.Test;

class SentenceTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    @Test
    void whatIsDoneInOneGoIsSaidAsOne() {
        Sentence mat = Sentence.of("Put a mat of {0} in", Length.mm(2));
        Sentence sticks = Sentence.naming("Ash {0} & oak", "Put {0} of {name} on the rack", Length.mm(30));
        assertEquals("Put a mat of 2 mm in, and put 30 mm of Ash {0} & oak on the rack", mat.and(sticks).in(MM));
        assertEquals("Put 30 mm of Ash {0} & oak on the rack, put a mat of 2 mm in, and put a mat of 2 mm in",
                sticks.and(mat).and(mat).in(MM));
        Sentence theirs = Sentence.of(Theirs.words("Lantern") + " is left out");
        assertEquals("Put a mat of 2 mm in, and Lantern is left out", mat.and(theirs).in(MM), "a name as it was typed");
    }

    @Test
    void tenQuantitiesAreEnough() {
        Sentence six = new Sentence("all", Collections.nCopies(6, Length.mm(1)));
        assertThrows(IllegalArgumentException.class, () -> six.and(six));
    }
}
