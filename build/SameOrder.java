import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.pitest.reloc.asm.ClassReader;
import org.pitest.reloc.asm.ClassWriter;

/**
 * Writes compiled classes anew, with their constants in the order in which the mutating tool writes them. Java 25 falls over a
 * class with others in it that is redefined twice, where the constants that name these have moved.
 */
final class SameOrder {

    private SameOrder() {}

    public static void main(String[] folders) throws IOException {
        for (String folder : folders) {
            List<Path> classes;
            try (Stream<Path> files = Files.walk(Path.of(folder))) {
                classes = files.filter(file -> file.toString().endsWith(".class")
                        && !file.endsWith("module-info.class")).toList();
            }
            for (Path file : classes) {
                ClassWriter writer = new ClassWriter(0);
                new ClassReader(Files.readAllBytes(file)).accept(writer, 0);
                Files.write(file, writer.toByteArray());
            }
        }
    }
}
