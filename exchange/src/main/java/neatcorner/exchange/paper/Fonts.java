package neatcorner.exchange.paper;

import java.io.IOException;
import java.io.InputStream;

/** The fonts that ship with the program: Atkinson Hyperlegible Next and Mono, under the SIL Open Font License. */
public final class Fonts {

    private Fonts() {}

    /** The bytes of a font by its file name. Throws {@link IOException} when the program was built without it. */
    public static InputStream open(String name) throws IOException {
        InputStream in = Fonts.class.getResourceAsStream("/neatcorner/exchange/fonts/" + name);
        if (in == null) {
            throw new IOException("the font " + name + " is missing from the program");
        }
        return in;
    }
}
