package org.pelluna.app.story;

/** How much of the story is drawn at once. */
enum Zoom {
    ALL("all", 0),
    YEAR("a year", 365),
    MONTH("a month", 31),
    WEEK("a week", 7);

    private final String words;
    private final int days;

    Zoom(String words, int days) {
        this.words = words;
        this.days = days;
    }

    /** The zoom, as it stands on its link. */
    public String words() {
        return words;
    }

    /** How many days; 0 for all. */
    int days() {
        return days;
    }
}
