package glimble.handover;

import java.io.IOException;
import java.io.InputStream;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;

/**
 * The files of an archive that somebody sends, in memory: nothing is written anywhere. Names that lead out of it, links, what is locked, and
 * contents that swell beyond all measure are refused.
 */
final class Unpacked {
    private static final int MOST_FILES = 200;
    static final long MOST_BYTES = 100_000_000;

    private Unpacked() {}

    /** @return contents by name */
    static Map<String, byte[]> of(byte[] archive) throws BadBundle {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipFile zip = ZipFile.builder().setByteArray(archive).get()) {
            long left = MOST_BYTES;
            for (Enumeration<ZipArchiveEntry> entries = zip.getEntries(); entries.hasMoreElements(); ) {
                ZipArchiveEntry entry = entries.nextElement();
                if (entry.isDirectory()) continue;
                String name = checked(entry);
                if (files.size() == MOST_FILES) throw new BadBundle("It has more than " + MOST_FILES + " files.");
                byte[] content = content(zip, entry, left);
                left -= content.length;
                if (files.put(name, content) != null) throw new BadBundle("It has two files called " + name + ".");
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new BadBundle("It is no archive that can be read. Hand the graphic over again as a bundle.");
        }
        return files;
    }

    private static String checked(ZipArchiveEntry entry) throws BadBundle {
        String name = entry.getName();
        boolean leads = name.startsWith("/") || name.contains("\\") || name.contains(":");
        for (String step : name.split("/", -1)) leads |= step.isEmpty() || step.equals(".") || step.equals("..");
        if (leads || name.chars().anyMatch(Character::isISOControl)) {
            throw new BadBundle(
                    "It has a file whose name leads out of it. That is no bundle of ours; do not open it elsewhere.");
        }
        if (entry.isUnixSymlink()) throw new BadBundle("It has a link, " + name + ". A bundle has files only.");
        if (entry.getGeneralPurposeBit().usesEncryption()) {
            throw new BadBundle("It is locked with a password. Make it again without one.");
        }
        return name;
    }

    /** What an archive says of the size of a file may be wrong: it is counted while it is read. */
    private static byte[] content(ZipFile zip, ZipArchiveEntry entry, long most) throws IOException, BadBundle {
        if (!zip.canReadEntryData(entry))
            throw new BadBundle(entry.getName() + " is packed in a way that is not known; pack it again.");
        try (InputStream stream = zip.getInputStream(entry)) {
            byte[] content = stream.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, most + 1));
            if (content.length > most) {
                throw new BadBundle(
                        "Unpacked it has more than " + MOST_BYTES / 1_000_000 + " MB. Leave out large pictures.");
            }
            return content;
        }
    }
}
