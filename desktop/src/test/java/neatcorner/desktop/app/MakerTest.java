package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class MakerTest {

    @Test
    void nothingElseKnowsWhatMovesAMakersHands() throws IOException {
        String library = "org." + "testfx";
        try (Stream<Path> files = Files.walk(Path.of("src"))) {
            List<Path> know = files.filter(file -> file.toString().endsWith(".java") && names(file, library)).toList();
            assertEquals(List.of("Maker.java"), know.stream().map(file -> file.getFileName().toString()).toList());
        }
    }

    private static boolean names(Path file, String library) {
        try {
            return Files.readString(file).contains(library);
        } catch (IOException e) {
            throw new AssertionError(file.toString(), e);
        }
    }
}
