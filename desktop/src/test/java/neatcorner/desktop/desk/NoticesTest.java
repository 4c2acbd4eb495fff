package neatcorner.desktop.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class NoticesTest {
    private final Notices notices = new Notices();

    private List<String> said() {
        return notices.all().stream().map(Notice::text).toList();
    }

    @Test
    void whatIsGraveStandsInAListUntilItIsRead() {
        notices.say(Notice.grave("the settings cannot be read"));
        notices.say(Notice.grave("the shop cannot be read"));
        notices.say(Notice.info("the wait is over"));
        notices.say(Notice.grave("the timers cannot be read"));
        assertEquals(List.of("the timers cannot be read", "the shop cannot be read", "the settings cannot be read"),
                said(), "what was good to know made room");
        notices.say(Notice.grave("the settings cannot be read"));
        assertEquals(3, said().size(), "said again, it stands there once");
        assertEquals("the settings cannot be read", said().getFirst());
        notices.close(notices.all().getFirst());
        notices.say(Notice.info("a copy is in the folder"));
        notices.turnTo();
        assertEquals(List.of("the timers cannot be read", "the shop cannot be read"), said());
    }
}
