package neatcorner.desktop.look;

import java.util.logging.Level;
import java.util.logging.Logger;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** Two soft tones, made here so that no sound file is needed. Without a loudspeaker there is silence. */
public final class Chime {
    private static final Logger LOG = Logger.getLogger(Chime.class.getName());
    private static final float RATE = 22_050;
    private static final double SECONDS = 0.45;

    private Chime() {}

    /** Two soft tones; nothing where there is no sound. */
    public static void ring() {
        Thread.ofPlatform().daemon().name("chime").start(() -> {
            AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
            try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
                line.open(format);
                line.start();
                byte[] tones = tones();
                line.write(tones, 0, tones.length);
                line.drain();
            } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
                LOG.log(Level.FINE, "no sound", e);
            }
        });
    }

    /** Sixteen bits, low byte first; each tone dies away like a struck bar. */
    public static byte[] tones() {
        double[] hertz = {660, 880};
        int each = (int) (RATE * SECONDS);
        byte[] bytes = new byte[2 * each * hertz.length];
        for (int i = 0; i < each * hertz.length; i++) {
            double t = i % each / RATE;
            double wave = Math.sin(2 * Math.PI * hertz[i / each] * t) * Math.exp(-6 * t) * 0.5;
            int sample = (int) (wave * Short.MAX_VALUE);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        return bytes;
    }
}
