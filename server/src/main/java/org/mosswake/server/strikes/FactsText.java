package org.mosswake.server.strikes;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The entries of the lists in a body, each with its text as it was sent: that is what is kept of a fact.
 *
 * @param contents of {@code fished}; {@code facts} of {@code facts} or, from first editions, {@code events}
 */
record FactsText(List<Entry> facts, List<Entry> contents) {
    static final int MOST = 100;

    record Entry(String text, JsonNode tree) {}

    /** @throws FaultException where it is no object with a list of facts */
    static FactsText read(JsonMapper json, String body, String list) {
        var facts = new ArrayList<Entry>();
        var contents = new ArrayList<Entry>();
        boolean listed = false;
        try (JsonParser parser = json.createParser(body)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw FaultException.of(FaultCode.WRONG_TYPE, "", "no object", "an object");
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                boolean isFacts = name.equals(list);
                if (!isFacts && !name.equals("fished")) {
                    throw FaultException.of(FaultCode.UNKNOWN_FIELD, name);
                }
                listed |= isFacts;
                entries(json, body, parser, name, isFacts ? facts : contents);
            }
            if (parser.nextToken() != null) {
                throw FaultException.of(FaultCode.MALFORMED, "", "something follows its end");
            }
        } catch (JacksonException e) {
            throw FaultException.of(FaultCode.MALFORMED, "", where(e));
        }
        if (!listed) {
            throw FaultException.of(FaultCode.MISSING, list);
        }
        var faults = new Faults();
        faults.count(list, facts, 1, MOST);
        faults.count("fished", contents, 0, MOST);
        faults.throwIfAny();
        return new FactsText(facts, contents);
    }

    private static String where(JacksonException e) {
        var at = e.getLocation();
        return at == null ? "it is no JSON" : "line " + at.getLineNr() + ", column " + at.getColumnNr();
    }

    private static void entries(JsonMapper json, String body, JsonParser parser, String name, List<Entry> into) {
        if (parser.nextToken() != JsonToken.START_ARRAY) {
            throw FaultException.of(FaultCode.WRONG_TYPE, name, "no list", "a list");
        }
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            int from = (int) parser.currentTokenLocation().getCharOffset();
            parser.skipChildren();
            parser.finishToken();
            String text = body.substring(from, (int) parser.currentLocation().getCharOffset());
            into.add(new Entry(text, json.readTree(text)));
        }
    }
}
