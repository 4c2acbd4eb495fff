package neatcorner.exchange.paper;

import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.measure.Quantity;
import neatcorner.measure.Sentence;
import org.jspecify.annotations.Nullable;

/**
 * A step of the work in a frame of its own on paper.
 *
 * @param number  of the step
 * @param title   what is worked on
 * @param picture how it looks; null for none
 * @param figure  what to set, large; null for none
 * @param words   how
 * @param ticks   what is done with it, to be ticked
 */
public record StepCard(int number, String title, @Nullable Figure picture, @Nullable Quantity figure, Sentence words,
        List<String> ticks) {

    public StepCard {
        ticks = List.copyOf(ticks);
    }
}
