package glimble.handover;

import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.OutputStream;

/** Writes graphics in open formats. Safe for several threads. */
public final class HandOver {
    private final JdkTypesetter typesetter;

    public HandOver(JdkTypesetter typesetter) {
        this.typesetter = typesetter;
    }

    /** @param allFonts whether fonts for every script go with it, however large */
    public void write(Handed handed, Form form, boolean allFonts, OutputStream out) throws IOException {
        switch (form) {
            case PACKAGE -> GraphicPackage.write(handed, typesetter, allFonts, out);
            case PAGE -> SinglePage.write(handed, typesetter, allFonts, out);
        }
    }
}
