package neatcorner.exchange.paper;

import java.util.ArrayList;
import java.util.List;

/** A column that stays whole, and is put somewhere once it is known how high it is. */
final class Stack extends Column {
    private final List<Block> blocks = new ArrayList<>();
    private double height;

    Stack(Format format, double width) {
        super(format, width);
    }

    @Override
    void add(Block block) {
        blocks.add(block);
        height += block.height();
    }

    @Override
    public void keepTogether(double room) {
        // it is together
    }

    /** Of all that stands in it, points. */
    double height() {
        return height;
    }

    void draw(Ink ink, double x, double top) {
        double y = top;
        for (Block block : blocks) {
            block.drawn().at(ink, x, y);
            y += block.height();
        }
    }
}
