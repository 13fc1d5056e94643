package org.mosswake.server.platform.documents;

/** What a document is about; the name says which one. Stored by these words for ever. */
public enum DocumentKind {
    /** Of a day; named by its date. */
    PLAN,
    /** The side taken; named by the school. */
    SCHOOL,
    /** Numbers of the call that were set. */
    CALL_NUMBERS,
    /** Numbers of the bench that were set. */
    BENCH_NUMBERS,
    /** Weights the owner's days taught, with whether they are used. */
    LEARNT_WEIGHTS,
    /** Of a species in the skipper's own table. */
    RULE,
    /** Counted aboard; named by the item. */
    STOCK,
    /** Done; named by spread and task. */
    TICK,
    /** Why a spread was made as it is; named by the spread. */
    ORIGIN,
    /** A source of instruments; named by its id. */
    INSTRUMENT,
    /** A place with a name; named by its id. */
    MARK,
    /** Of a day; named by its date. */
    COURSE,
    /** How she runs out and what she burns; one. */
    RUNNING
}
