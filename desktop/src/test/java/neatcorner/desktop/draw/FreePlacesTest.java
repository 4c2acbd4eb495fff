package neatcorner.desktop.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;

import neatcorner.drawing.Box;
import org.junit.jupiter.api.Test;

class FreePlacesTest {
    private final FreePlaces places = new FreePlaces(200, 100);

    @Test
    void whatIsFreeIsTakenAsItIs() {
        assertEquals(new Box(10, 10, 50, 30), places.take(new Box(10, 10, 50, 30)));
        assertEquals(new Box(60, 10, 90, 30), places.take(new Box(60, 10, 90, 30)));
    }

    @Test
    void aNumberOnAnotherGoesTheShortestWay() {
        places.take(new Box(10, 40, 50, 60));
        assertEquals(new Box(12, 61, 52, 81), places.take(new Box(12, 45, 52, 65)), "below");
        assertEquals(new Box(8, 19, 48, 39), places.take(new Box(8, 35, 48, 55)), "above");
    }

    @Test
    void whereNoRoomIsAboveOrBelowItGoesBeside() {
        FreePlaces low = new FreePlaces(200, 30);
        low.take(new Box(60, 5, 100, 25));
        assertEquals(new Box(101, 5, 141, 25), low.take(new Box(70, 5, 110, 25)));
    }

    @Test
    void whereThereIsNoRoomAtAllItStaysWhereItBelongs() {
        FreePlaces full = new FreePlaces(50, 30);
        full.take(new Box(5, 5, 45, 25));
        assertEquals(new Box(6, 6, 46, 26), full.take(new Box(6, 6, 46, 26)));
    }
}
