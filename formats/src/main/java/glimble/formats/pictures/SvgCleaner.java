package glimble.formats.pictures;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/**
 * Keeps of an SVG what draws, and nothing that acts or asks elsewhere: elements and attributes that are not known to be harmless
 * are taken out and named. Source of the names: SVG 1.1 (Second Edition) and SVG 2, static shapes.
 */
final class SvgCleaner {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final int DEEPEST = 200;

    private static final double LEAST_PX = 0.5;
    private static final int MOST_ELEMENTS = 50_000;

    private static final Set<String> DRAWS = words("""
            svg g defs symbol use path rect circle ellipse line polyline polygon text tspan textPath linearGradient radialGradient stop
            clipPath mask pattern marker image style title desc switch filter feBlend feColorMatrix feComponentTransfer feComposite
            feConvolveMatrix feDiffuseLighting feDisplacementMap feDistantLight feDropShadow feFlood feFuncA feFuncB feFuncG feFuncR
            feGaussianBlur feMerge feMergeNode feMorphology feOffset fePointLight feSpecularLighting feSpotLight feTile feTurbulence
            """);

    /** Attributes that say how something looks. */
    private static final Set<String> SHOWS = words("""
            id class style lang version baseProfile viewBox width height x y x1 y1 x2 y2 cx cy r rx ry fx fy fr d points pathLength
            transform transform-origin gradientTransform gradientUnits spreadMethod patternTransform patternUnits patternContentUnits
            preserveAspectRatio clipPathUnits maskUnits maskContentUnits markerUnits markerWidth markerHeight refX refY orient offset
            dx dy rotate textLength lengthAdjust startOffset method spacing side systemLanguage requiredFeatures requiredExtensions
            type media title enable-background zoomAndPan
            alignment-baseline baseline-shift clip clip-path clip-rule color color-interpolation color-interpolation-filters
            color-rendering direction display dominant-baseline fill fill-opacity fill-rule filter flood-color flood-opacity font
            font-family font-feature-settings font-kerning font-size font-size-adjust font-stretch font-style font-variant font-weight
            glyph-orientation-horizontal glyph-orientation-vertical image-rendering isolation kerning letter-spacing lighting-color
            marker marker-end marker-mid marker-start mask mask-type mix-blend-mode opacity overflow paint-order pointer-events
            shape-rendering solid-color solid-opacity stop-color stop-opacity stroke stroke-dasharray stroke-dashoffset stroke-linecap
            stroke-linejoin stroke-miterlimit stroke-opacity stroke-width text-anchor text-align text-decoration text-overflow
            text-rendering unicode-bidi vector-effect visibility white-space word-spacing writing-mode
            amplitude azimuth baseFrequency bias diffuseConstant divisor edgeMode elevation exponent filterUnits in in2 intercept k1 k2
            k3 k4 kernelMatrix kernelUnitLength limitingConeAngle mode numOctaves operator order pointsAtX pointsAtY pointsAtZ
            preserveAlpha primitiveUnits radius result scale seed slope specularConstant specularExponent stdDeviation stitchTiles
            surfaceScale tableValues targetX targetY values xChannelSelector yChannelSelector z
            """);

    /** Functions that a value may use; nothing that has another name is let through, so that none can ask elsewhere. */
    private static final Set<String> FUNCTIONS = words("""
            url rgb rgba hsl hsla matrix translate translatex translatey rotate scale scalex scaley skewx skewy calc min max blur
            brightness contrast drop-shadow grayscale hue-rotate invert opacity saturate sepia circle ellipse inset polygon path rect
            not is where nth-child nth-of-type lang
            """);

    private static final Pattern CALLED = Pattern.compile("([\\w-]+)\\s*\\(");
    private static final Pattern URL = Pattern.compile("url\\s*\\(\\s*['\"]?\\s*([^'\")\\s]*)");
    private static final Pattern LENGTH = Pattern.compile("([0-9]*\\.?[0-9]+)\\s*(px|pt|pc|mm|cm|in|)");
    private static final Pattern OWN_IMAGE = Pattern.compile("data:image/(png|jpeg);base64,[A-Za-z0-9+/=\\s]*");

    private final Set<String> removed = new LinkedHashSet<>();

    private int elements;

    private SvgCleaner() {}

    private static Set<String> words(String of) {
        return Set.of(of.strip().split("\\s+"));
    }

    static PictureFile clean(byte[] bytes) throws BadPicture {
        Document document = parsed(bytes);
        Element root = document.getDocumentElement();
        if (!"svg".equals(root.getLocalName())) {
            throw new BadPicture("the file is no picture: a PNG, JPEG or SVG is needed");
        }
        if (!SVG.equals(root.getNamespaceURI())) {
            throw new BadPicture("the file does not say that it is SVG: save it with xmlns=\"" + SVG + "\"");
        }
        SvgCleaner cleaner = new SvgCleaner();
        cleaner.clean(root, 0);
        double[] size = size(root);
        PictureFile.checkSize(size[0], size[1]);
        if (size[0] < LEAST_PX || size[1] < LEAST_PX) {
            throw new BadPicture("the picture is less than a px wide or high; save it larger");
        }
        if (!root.hasAttribute("viewBox")) root.setAttribute("viewBox", "0 0 " + size[0] + " " + size[1]);
        root.setAttribute("width", Double.toString(size[0]));
        root.setAttribute("height", Double.toString(size[1]));
        byte[] written = written(document);
        checkAgain(written);
        return new PictureFile("image/svg+xml", size[0], size[1], written, List.copyOf(cleaner.removed));
    }

    /** What is kept is what was cleaned: read back there is nothing more to take out. */
    private static void checkAgain(byte[] written) throws BadPicture {
        SvgCleaner again = new SvgCleaner();
        again.clean(parsed(written).getDocumentElement(), 0);
        if (!again.removed.isEmpty()) {
            throw new BadPicture("it holds something that cannot be taken out of it: "
                    + again.removed.iterator().next());
        }
    }

    private static Document parsed(byte[] bytes) throws BadPicture {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            // It could say what is not there: attributes by default, entities, files.
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            // It would print what is wrong.
            builder.setErrorHandler(new DefaultHandler());
            return builder.parse(new ByteArrayInputStream(bytes));
        } catch (SAXException | IOException e) {
            if (String.valueOf(e.getMessage()).contains("DOCTYPE")) {
                throw new BadPicture("the file has a document type (<!DOCTYPE …>); save it as plain SVG without one");
            }
            throw new BadPicture("the file is neither a PNG nor a JPEG, nor an SVG that can be read; save it again");
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }

    private void clean(Element element, int depth) throws BadPicture {
        if (++elements > MOST_ELEMENTS) throw new BadPicture("it has too many shapes; save a simpler one");
        if (depth > DEEPEST) throw new BadPicture("its shapes are nested too deeply; save a simpler one");
        cleanAttributes(element);
        List<Node> children = new ArrayList<>();
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) children.add(child);
        for (Node child : children) {
            if (child instanceof Element inner) {
                if (isKept(inner)) clean(inner, depth + 1);
                else remove(element, inner);
            } else if (child.getNodeType() != Node.TEXT_NODE && child.getNodeType() != Node.CDATA_SECTION_NODE) {
                element.removeChild(child);
            }
        }
    }

    private static boolean isKept(Element element) {
        String name = element.getLocalName();
        if (!SVG.equals(element.getNamespaceURI())) return false;
        if (name.equals("style")) return asksNothing(element.getTextContent());
        return DRAWS.contains(name);
    }

    private void remove(Element parent, Element gone) {
        parent.removeChild(gone);
        // What drawing programs keep for themselves is nothing anyone would miss.
        boolean notes =
                !SVG.equals(gone.getNamespaceURI()) || gone.getLocalName().equals("metadata");
        if (!notes) removed.add("<" + shown(gone.getLocalName()) + ">");
    }

    private void cleanAttributes(Element element) {
        NamedNodeMap attributes = element.getAttributes();
        List<Attr> all = new ArrayList<>();
        for (int i = 0; i < attributes.getLength(); i++) all.add((Attr) attributes.item(i));
        for (Attr attribute : all) {
            if (isKept(element, attribute)) continue;
            element.removeAttributeNode(attribute);
            boolean notes = attribute.getNamespaceURI() != null && !XLINK.equals(attribute.getNamespaceURI())
                    || attribute.getName().startsWith("data-");
            if (!notes) removed.add(shown(attribute.getName()) + " of <" + shown(element.getLocalName()) + ">");
        }
    }

    private static boolean isKept(Element element, Attr attribute) {
        String space = attribute.getNamespaceURI();
        String name = attribute.getLocalName();
        String value = attribute.getValue();
        if (XMLConstants.XMLNS_ATTRIBUTE_NS_URI.equals(space)) return SVG.equals(value) || XLINK.equals(value);
        if (XMLConstants.XML_NS_URI.equals(space)) return name.equals("space") || name.equals("lang");
        if (name.equals("href") && (space == null || XLINK.equals(space))) {
            boolean own = element.getLocalName().equals("image")
                    && OWN_IMAGE.matcher(value).matches();
            return own || value.strip().startsWith("#");
        }
        return space == null && SHOWS.contains(name) && asksNothing(value);
    }

    /** Whether a style or the value of an attribute refers to nothing outside the file. */
    private static boolean asksNothing(String value) {
        String plain = value.toLowerCase(Locale.ROOT);
        // A backslash may spell any word of a style, and what begins with @ may do anything.
        if (plain.contains("@") || plain.contains("javascript:") || plain.contains("\\")) return false;
        Matcher called = CALLED.matcher(plain);
        while (called.find()) {
            if (!FUNCTIONS.contains(called.group(1))) return false;
        }
        Matcher urls = URL.matcher(plain);
        while (urls.find()) {
            if (!urls.group(1).startsWith("#")) return false;
        }
        return true;
    }

    private static String shown(String name) {
        return name.length() <= 40 ? name : name.substring(0, 40) + "…";
    }

    /** As wide and high as it says, in px; or else as its view box. */
    private static double[] size(Element root) throws BadPicture {
        double width = length(root.getAttribute("width"));
        double height = length(root.getAttribute("height"));
        String[] box = root.getAttribute("viewBox").strip().split("[\\s,]+");
        if ((width <= 0 || height <= 0) && box.length == 4) {
            try {
                double boxWidth = Double.parseDouble(box[2]);
                double boxHeight = Double.parseDouble(box[3]);
                // One of both keeps the proportion of the view box.
                if (width > 0) return new double[] {width, width * boxHeight / boxWidth};
                if (height > 0) return new double[] {height * boxWidth / boxHeight, height};
                return new double[] {boxWidth, boxHeight};
            } catch (NumberFormatException e) {
                throw new BadPicture("its viewBox is not four numbers; save it again");
            }
        }
        return new double[] {width, height};
    }

    /** px; 0 if it is not said in a length. Source of the units: CSS Values Level 3, absolute lengths. */
    private static double length(String given) {
        Matcher length = LENGTH.matcher(given.strip());
        if (!length.matches()) return 0;
        double factor = switch (length.group(2)) {
            case "pt" -> 96 / 72.0;
            case "pc" -> 16;
            case "mm" -> 96 / 25.4;
            case "cm" -> 96 / 2.54;
            case "in" -> 96;
            default -> 1;
        };
        return Double.parseDouble(length.group(1)) * factor;
    }

    private static byte[] written(Document document) {
        try {
            TransformerFactory factory = TransformerFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            Transformer transformer = factory.newTransformer();
            transformer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            transformer.transform(new DOMSource(document.getDocumentElement()), new StreamResult(bytes));
            return bytes.toByteArray();
        } catch (TransformerException e) {
            throw new IllegalStateException(e);
        }
    }
}
