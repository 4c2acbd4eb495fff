package neatcorner.exchange.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import neatcorner.exchange.BadFile;

/** Reads and writes {@link Json} as text. */
public final class JsonText {
    private static final int MOST_NESTED = 100;
    private static final JsonFactory FACTORY = JsonFactory.builder()
            .streamReadConstraints(
                    StreamReadConstraints.builder().maxNestingDepth(MOST_NESTED).build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build();

    private JsonText() {}

    private static int lineOf(JsonProcessingException e) {
        return e.getLocation() == null ? 1 : e.getLocation().getLineNr();
    }

    /** The one value in the text. Throws {@link BadFile} with the line when the text is not JSON. */
    public static Json read(String text) throws BadFile {
        try (JsonParser parser = FACTORY.createParser(text)) {
            if (parser.nextToken() == null) {
                throw new BadFile(1, "", "a job: the file is empty");
            }
            Json value = value(parser);
            if (parser.nextToken() != null) {
                throw new BadFile(parser.currentLocation().getLineNr(), "", "the end of the file after the last }");
            }
            return value;
        } catch (StreamConstraintsException e) {
            throw new BadFile(lineOf(e), "", "values nested at most " + MOST_NESTED
                    + " deep, names and numbers of a length that somebody can read");
        } catch (JsonProcessingException e) {
            throw new BadFile(lineOf(e), "", "JSON: " + firstSentence(e.getOriginalMessage()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The reader's message without the parts that speak of its own workings. */
    private static String firstSentence(String message) {
        String line = message.lines().findFirst().orElse("not readable");
        int end = line.indexOf("; ");
        String first = end > 0 ? line.substring(0, end) : line;
        int detail = first.indexOf(": expected");
        String plain = detail > 0 ? first.substring(0, detail) : first;
        return plain.length() > 120 ? plain.substring(0, 120) + "…" : plain;
    }

    private static Json value(JsonParser parser) throws IOException {
        int line = parser.currentTokenLocation().getLineNr();
        int from = (int) parser.currentTokenLocation().getCharOffset();
        return switch (parser.currentToken()) {
            case START_OBJECT -> {
                Map<String, Json> fields = new LinkedHashMap<>();
                while (parser.nextToken() != JsonToken.END_OBJECT) {
                    String name = parser.currentName();
                    parser.nextToken();
                    fields.put(name, value(parser));
                }
                yield new Json.Obj(fields, place(line, from, parser));
            }
            case START_ARRAY -> {
                List<Json> items = new ArrayList<>();
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    items.add(value(parser));
                }
                yield new Json.Arr(items, place(line, from, parser));
            }
            case VALUE_STRING -> {
                String text = parser.getText();
                yield new Json.Str(text, place(line, from, parser));
            }
            case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> {
                String digits = parser.getText();
                yield new Json.Num(digits, new Json.Place(line, from, from + digits.length()));
            }
            case VALUE_TRUE -> new Json.Bool(true, place(line, from, parser));
            case VALUE_FALSE -> new Json.Bool(false, place(line, from, parser));
            case VALUE_NULL -> new Json.Null(place(line, from, parser));
            default -> throw new IllegalStateException("not the start of a value: " + parser.currentToken());
        };
    }

    private static Json.Place place(int line, int from, JsonParser parser) {
        return new Json.Place(line, from, (int) parser.currentLocation().getCharOffset());
    }

    /** As text with two spaces a level and a line end at the end. */
    public static String write(Json json) {
        StringWriter out = new StringWriter();
        try (JsonGenerator generator = FACTORY.createGenerator(out)) {
            DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
            printer.indentArraysWith(new DefaultIndenter("  ", "\n"));
            printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
            generator.setPrettyPrinter(printer);
            write(generator, json);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.append('\n').toString();
    }

    /** As text for readers: what fits into a line of so many characters stands in one. Ends with a line end. */
    public static String writeBrief(Json json, int width) {
        StringBuilder out = new StringBuilder();
        brief(json, "", 0, width, out);
        return out.append('\n').toString();
    }

    private static void brief(Json json, String indent, int before, int width, StringBuilder out) {
        String line = line(json);
        if (indent.length() + before + line.length() < width) {
            out.append(line);
            return;
        }
        String more = indent + "  ";
        switch (json) {
            case Json.Obj object -> {
                String between = "{\n";
                for (Map.Entry<String, Json> field : object.fields().entrySet()) {
                    String name = line(Json.of(field.getKey())) + ": ";
                    out.append(between).append(more).append(name);
                    brief(field.getValue(), more, name.length() + 1, width, out);
                    between = ",\n";
                }
                out.append('\n').append(indent).append('}');
            }
            case Json.Arr list -> {
                String between = "[\n";
                for (Json item : list.items()) {
                    out.append(between).append(more);
                    brief(item, more, 1, width, out);
                    between = ",\n";
                }
                out.append('\n').append(indent).append(']');
            }
            case Json.Str _,Json.Num _,Json.Bool _,Json.Null _,Json.Foreign _ -> out.append(line);
        }
    }

    private static String line(Json json) {
        return switch (json) {
            case Json.Obj object -> object.fields().entrySet().stream()
                    .map(field -> line(Json.of(field.getKey())) + ": " + line(field.getValue()))
                    .collect(Collectors.joining(", ", "{", "}"));
            case Json.Arr list -> list.items().stream().map(JsonText::line).collect(Collectors.joining(", ", "[", "]"));
            case Json.Str _,Json.Num _,Json.Bool _,Json.Null _,Json.Foreign _ -> write(json).strip();
        };
    }

    private static void write(JsonGenerator generator, Json json) throws IOException {
        switch (json) {
            case Json.Obj object -> {
                generator.writeStartObject();
                for (Map.Entry<String, Json> field : object.fields().entrySet()) {
                    generator.writeFieldName(field.getKey());
                    write(generator, field.getValue());
                }
                generator.writeEndObject();
            }
            case Json.Arr array -> {
                generator.writeStartArray();
                for (Json item : array.items()) {
                    write(generator, item);
                }
                generator.writeEndArray();
            }
            case Json.Str string -> text(generator, string.text());
            case Json.Num number -> generator.writeNumber(number.digits());
            case Json.Foreign foreign -> generator.writeRawValue(foreign.source());
            case Json.Bool bool -> generator.writeBoolean(bool.value());
            case Json.Null none -> generator.writeNull();
        }
    }

    /** Whether every character of it is there in full. */
    private static boolean isWhole(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (Character.isSurrogate(text.charAt(i))) {
                return text.codePoints().noneMatch(point -> point >= 0xD800 && point <= 0xDFFF);
            }
        }
        return true;
    }

    /** Half of a character, which no file can hold, is written as its number. */
    private static void text(JsonGenerator generator, String text) throws IOException {
        if (isWhole(text)) {
            generator.writeString(text);
            return;
        }
        StringBuilder quoted = new StringBuilder("\"");
        text.codePoints().forEach(point -> {
            if (point >= 0xD800 && point <= 0xDFFF) {
                quoted.append(String.format("\\u%04x", point));
            } else {
                quoted.append(JsonStringEncoder.getInstance().quoteAsString(Character.toString(point)));
            }
        });
        generator.writeRawValue(quoted.append('"').toString());
    }
}
