import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.lang.classfile.Attributes;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.FieldModel;
import java.lang.classfile.MethodModel;
import java.lang.classfile.constantpool.Utf8Entry;
import java.lang.reflect.AccessFlag;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.spi.ToolProvider;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import javax.tools.JavaCompiler;

/**
 * Compiles the program for those who want to start it: all modules in one run of the compiler, without tests and checkers,
 * and packs each into a jar. After a change only the changed files are compiled, and where something is another that other
 * files can see of them, those that name it. What tests and checks the program is Maven, see CONTRIBUTING.md.
 *
 * <p>Called as {@code java build/Compile.java ROOT LIBS TOOLS APP}: the checkout, the folder of the libraries that it runs
 * with, that of annotation processors, and the folder that the jars go to. Ends with 1 when the sources do not compile; the
 * compiler has said why.
 */
public final class Compile {
    /** In the order in which they use each other. */
    private static final List<String> MODULES = List.of("core", "exchange", "desktop", "command");
    /** As Maven calls the jars, so that both can write them. */
    private static final String VERSION = "-0.1.0.jar";

    /** The name of a class of ours, alone or within a type such as {@code (Lname/of/One;I)Lname/of/Another;}. */
    private static final Pattern NAME = Pattern.compile("neatcorner/[\\w/$]+");

    private final Path root;
    private final Path libs;
    private final Path tools;
    private final Path app;
    private final Path classes;
    private final Path state;

    private Compile(Path root, Path libs, Path tools, Path app) {
        this.root = root;
        this.libs = libs;
        this.tools = tools;
        this.app = app;
        classes = app.resolveSibling("quick");
        state = classes.resolve("state");
    }

    public static void main(String[] args) throws IOException {
        Path[] paths = Stream.of(args).map(Path::of).toArray(Path[]::new);
        System.exit(new Compile(paths[0], paths[1], paths[2], paths[3]).all() ? 0 : 1);
    }

    private boolean all() throws IOException {
        Map<String, String> before = read(state);
        Map<String, String> now = stamps();
        Set<String> changed = new TreeSet<>(now.keySet());
        changed.removeIf(file -> now.get(file).equals(before.get(file)));
        boolean fewer = before.keySet().stream().anyMatch(file -> !now.containsKey(file));
        List<String> sources = changed.stream().filter(file -> file.endsWith(".java")).toList();
        boolean few = !before.isEmpty() && !fewer && sources.size() <= 40
                && changed.stream().noneMatch(file -> file.endsWith("module-info.java") || file.endsWith(".jar"));
        Files.deleteIfExists(state);
        boolean whole = !(few && compiledFew(sources, now.keySet()));
        if (whole && !compiledWhole(now.keySet())) {
            return false;
        }
        for (String module : MODULES) {
            if (!few || whole || !Files.exists(jar(module)) || changed.stream().anyMatch(file -> file.startsWith(module + "/"))) {
                pack(module);
            }
        }
        Files.write(state, now.entrySet().stream().map(each -> each.getValue() + " " + each.getKey()).toList());
        return true;
    }

    private static Map<String, String> read(Path state) throws IOException {
        return Files.exists(state)
                ? Files.readAllLines(state).stream().map(line -> line.split(" ", 2))
                        .collect(Collectors.toMap(line -> line[1], line -> line[0]))
                : Map.of();
    }

    /** When each file that counts was last changed, and how large it is. */
    private Map<String, String> stamps() throws IOException {
        Map<String, String> stamps = new TreeMap<>();
        for (String module : MODULES) {
            for (Path file : files(root.resolve(module).resolve("src/main"), file -> true)) {
                stamps.put(root.relativize(file).toString(), stamp(file));
            }
        }
        for (Path jars : List.of(libs, tools)) {
            for (Path file : files(jars, file -> file.toString().endsWith(".jar"))) {
                stamps.put(file.toString(), stamp(file));
            }
        }
        return stamps;
    }

    private static String stamp(Path file) throws IOException {
        return Files.getLastModifiedTime(file).toMillis() + "-" + Files.size(file);
    }

    private static List<Path> files(Path folder, Predicate<Path> wanted) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile).filter(wanted).sorted().toList();
        }
    }

    /**
     * Whether compiling these files was enough, and those that name what others can see of them, as long as that is another than
     * before. What the compiler does not like here it says again when it compiles all.
     */
    private boolean compiledFew(List<String> sources, Set<String> all) throws IOException {
        List<String> next = sources;
        for (int round = 0; !next.isEmpty(); round++) {
            Map<String, Set<String>> before = seen(next);
            for (String source : next) {
                made(source).forEach(Compile::delete);
            }
            if (round > 4 || 2 * next.size() > all.size() || !compile(next, OutputStream.nullOutputStream())) {
                return false;
            }
            Map<String, Set<String>> after = seen(next);
            Set<String> others = new TreeSet<>(before.keySet());
            others.addAll(after.keySet());
            others.removeIf(name -> before.getOrDefault(name, Set.of()).equals(after.get(name)));
            if (others.stream().anyMatch(name -> !constants(before.get(name)).equals(constants(after.get(name))))) {
                return false;
            }
            next = others.isEmpty() ? List.of() : naming(others, all);
        }
        return true;
    }

    /** Constants stand as values in the classes that use them, without their names. */
    private static List<String> constants(Set<String> seen) {
        return seen == null ? List.of() : seen.stream().filter(line -> line.startsWith("constant")).toList();
    }

    /** The sources of the classes that name one of these, or what extends one of them. */
    private List<String> naming(Set<String> names, Set<String> all) throws IOException {
        Map<Path, ClassModel> models = new TreeMap<>();
        for (Path file : files(classes, file -> file.toString().endsWith(".class"))) {
            models.put(file, ClassFile.of().parse(file));
        }
        Set<String> wanted = new TreeSet<>(names);
        for (int known = 0; known < wanted.size();) {
            known = wanted.size();
            for (ClassModel model : models.values()) {
                if (Stream.concat(model.superclass().stream(), model.interfaces().stream())
                        .anyMatch(above -> wanted.contains(above.asInternalName()))) {
                    wanted.add(model.thisClass().asInternalName());
                }
            }
        }
        Set<String> sources = new TreeSet<>();
        for (Map.Entry<Path, ClassModel> each : models.entrySet()) {
            if (names(each.getValue()).anyMatch(wanted::contains)) {
                sources.add(source(each.getKey(), each.getValue()));
            }
        }
        sources.retainAll(all);
        return List.copyOf(sources);
    }

    /** All names in a class that may be those of classes, also within the types of methods and fields. */
    private static Stream<String> names(ClassModel model) {
        return StreamSupport.stream(model.constantPool().spliterator(), false)
                .filter(Utf8Entry.class::isInstance).map(entry -> ((Utf8Entry) entry).stringValue())
                .flatMap(text -> NAME.matcher(text).results().map(MatchResult::group));
    }

    private String source(Path file, ClassModel model) {
        Path folder = classes.relativize(file.getParent());
        String module = folder.getName(0).toString().replace("neatcorner.", "");
        String name = model.findAttribute(Attributes.sourceFile()).map(each -> each.sourceFile().stringValue()).orElse("");
        return module + "/src/main/java/" + folder.subpath(1, folder.getNameCount()) + "/" + name;
    }

    private boolean compiledWhole(Set<String> files) throws IOException {
        if (Files.isDirectory(classes)) {
            try (Stream<Path> old = Files.walk(classes)) {
                old.sorted(Comparator.reverseOrder()).forEach(Compile::delete);
            }
        }
        Files.createDirectories(classes);
        return compile(files.stream().filter(file -> file.endsWith(".java")).toList(), System.err);
    }

    private static void delete(Path file) {
        try {
            Files.delete(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean compile(List<String> sources, OutputStream said) throws IOException {
        JavaCompiler javac = javax.tools.ToolProvider.getSystemJavaCompiler();
        List<String> arguments = new ArrayList<>(List.of("--release", "25", "-proc:full", "-parameters", "-nowarn",
                "--should-stop=ifError=FLOW", "-implicit:none", "-d", classes.toString(), "--processor-path", path(tools), "-p", path(libs, tools)));
        for (String module : MODULES) {
            arguments.add("--module-source-path");
            arguments.add("neatcorner." + module + "=" + root.resolve(module).resolve("src/main/java"));
        }
        sources.forEach(source -> arguments.add(root.resolve(source).toString()));
        return javac.run(null, said, said, arguments.toArray(String[]::new)) == 0;
    }

    private static String path(Path... folders) throws IOException {
        List<String> jars = new ArrayList<>();
        for (Path folder : folders) {
            files(folder, file -> file.toString().endsWith(".jar")).forEach(file -> jars.add(file.toString()));
        }
        return String.join(System.getProperty("path.separator"), jars);
    }

    private Path jar(String module) {
        return app.resolve(module + VERSION);
    }

    /** Not compressed: it is read at each start. */
    private void pack(String module) throws IOException {
        Path folder = classes.resolve("neatcorner." + module);
        Path resources = root.resolve(module).resolve("src/main/resources");
        Files.createDirectories(app);
        Path made = app.resolve(module + ".part");
        List<String> arguments = new ArrayList<>(List.of("--create", "--no-compress", "--file", made.toString(), "-C",
                folder.toString(), "."));
        if (Files.isDirectory(resources)) {
            arguments.addAll(List.of("-C", resources.toString(), "."));
        }
        ToolProvider jar = ToolProvider.findFirst("jar").orElseThrow();
        if (jar.run(System.out, System.err, arguments.toArray(String[]::new)) != 0) {
            throw new IOException("no jar of " + module);
        }
        Files.move(made, jar(module), StandardCopyOption.REPLACE_EXISTING);
    }

    /** What other files can see of the classes that were compiled from these: each class with all but its private members. */
    private Map<String, Set<String>> seen(List<String> sources) throws IOException {
        Map<String, Set<String>> seen = new TreeMap<>();
        for (String source : sources) {
            for (Path file : made(source)) {
                ClassModel model = ClassFile.of().parse(file);
                if (!model.thisClass().asInternalName().matches(".*\\$\\d.*")) {
                    seen.put(model.thisClass().asInternalName(), seen(model));
                }
            }
        }
        return seen;
    }

    /** The classes that were compiled from a source: one that is no longer in it must not stay. */
    private List<Path> made(String source) throws IOException {
        String[] halves = source.split("/src/main/java/");
        Path folder = classes.resolve("neatcorner." + halves[0]).resolve(halves[1]).getParent();
        String name = Path.of(source).getFileName().toString().replace(".java", "");
        return files(folder, file -> file.getParent().equals(folder)
                && file.getFileName().toString().matches(name + "(\\$.*)?\\.class"));
    }

    private static Set<String> seen(ClassModel model) {
        Set<String> seen = new TreeSet<>();
        seen.add(model.flags().flagsMask() + " " + model.superclass().map(Object::toString).orElse("") + " "
                + model.interfaces());
        model.findAttribute(Attributes.signature()).ifPresent(each -> seen.add("signature " + each.signature()));
        model.findAttribute(Attributes.permittedSubclasses())
                .ifPresent(each -> seen.add("permits " + each.permittedSubclasses()));
        model.findAttribute(Attributes.record()).ifPresent(each -> seen.add("record " + each.components().stream()
                .map(part -> part.name() + " " + part.descriptor() + " " + part.attributes()).toList()));
        model.findAttribute(Attributes.runtimeVisibleAnnotations()).ifPresent(each -> seen.add(each.annotations() + ""));
        for (FieldModel field : model.fields()) {
            if (!field.flags().has(AccessFlag.PRIVATE)) {
                boolean constant = field.findAttribute(Attributes.constantValue()).isPresent();
                seen.add((constant ? "constant " : "field ") + field.fieldName() + " " + field.fieldType() + " " + field.flags().flagsMask()
                        + field.findAttribute(Attributes.signature()).map(each -> each.signature().stringValue())
                                .orElse("")
                        + field.findAttribute(Attributes.constantValue()).map(each -> each.constant().toString())
                                .orElse(""));
            }
        }
        for (MethodModel method : model.methods()) {
            if (!method.flags().has(AccessFlag.PRIVATE) && !method.flags().has(AccessFlag.SYNTHETIC)) {
                seen.add("method " + method.methodName() + " " + method.methodType() + " " + method.flags().flagsMask()
                        + method.findAttribute(Attributes.signature()).map(each -> each.signature().stringValue())
                                .orElse("")
                        + method.findAttribute(Attributes.exceptions()).map(each -> each.exceptions().toString())
                                .orElse(""));
            }
        }
        return seen;
    }
}
