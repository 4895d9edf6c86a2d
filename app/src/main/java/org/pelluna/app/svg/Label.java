package org.pelluna.app.svg;

/** Names as they stand in a drawing, where there is only so much room. */
public final class Label {
    private Label() {}

    /**
     * A name cut to a length. A short last word stays, so that “Mistress of the North Cave 13” and her sister of cave 17 are told apart.
     *
     * @param name any words
     * @param longest how many characters there is room for
     */
    public static String cut(String name, int longest) {
        if (name.length() <= longest) {
            return name;
        }
        String last = name.substring(name.lastIndexOf(' ') + 1);
        String end = last.length() <= longest / 3 ? last : "";
        int head = longest - 1 - end.length();
        if (Character.isHighSurrogate(name.charAt(head - 1))) {
            head--;
        }
        return name.substring(0, head).strip() + "…" + end;
    }
}
