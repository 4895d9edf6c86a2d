package org.pelluna.app.account;

import io.nayuki.qrcodegen.QrCode;

/**
 * A text as a picture to be held before a phone.
 *
 * @param path the outline of its dark squares, as a path of SVG
 * @param side squares a side
 */
public record QrPicture(String path, int side) {
    static QrPicture of(String text) {
        QrCode code = QrCode.encodeText(text, QrCode.Ecc.MEDIUM);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.size; y++) {
            for (int x = 0; x < code.size; x++) {
                if (code.getModule(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return new QrPicture(path.toString(), code.size);
    }
}
