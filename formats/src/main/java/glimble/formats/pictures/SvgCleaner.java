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

    private static final Set<String> DRAWS = Set.of(
            "svg",
            "g",
            "defs",
            "symbol",
            "use",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "textPath",
            "linearGradient",
            "radialGradient",
            "stop",
            "clipPath",
            "mask",
            "pattern",
            "marker",
            "image",
            "style",
            "title",
            "desc",
            "switch",
            "filter");

    private static final Pattern URL = Pattern.compile("url\\s*\\(\\s*['\"]?\\s*([^'\")\\s]*)");
    private static final Pattern LENGTH = Pattern.compile("([0-9]*\\.?[0-9]+)\\s*(px|pt|pc|mm|cm|in|)");
    private static final Pattern OWN_IMAGE = Pattern.compile("data:image/(png|jpeg);base64,[A-Za-z0-9+/=\\s]*");

    private final Set<String> removed = new LinkedHashSet<>();

    private SvgCleaner() {}

    static PictureFile clean(byte[] bytes) throws BadPicture {
        Document document = parsed(bytes);
        Element root = document.getDocumentElement();
        if (!"svg".equals(root.getLocalName())) {
            throw new BadPicture("the file is no picture: a PNG, JPEG or SVG is needed");
        }
        SvgCleaner cleaner = new SvgCleaner();
        cleaner.clean(root, 0);
        double[] size = size(root);
        PictureFile.checkSize(size[0], size[1]);
        if (!root.hasAttribute("viewBox")) root.setAttribute("viewBox", "0 0 " + size[0] + " " + size[1]);
        root.setAttribute("width", Double.toString(size[0]));
        root.setAttribute("height", Double.toString(size[1]));
        return new PictureFile("image/svg+xml", size[0], size[1], written(document), List.copyOf(cleaner.removed));
    }

    private static Document parsed(byte[] bytes) throws BadPicture {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setExpandEntityReferences(true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
            DocumentBuilder builder = factory.newDocumentBuilder();
            // It would print what is wrong.
            builder.setErrorHandler(new DefaultHandler());
            return builder.parse(new ByteArrayInputStream(bytes));
        } catch (SAXException | IOException e) {
            throw new BadPicture("the file is neither a PNG nor a JPEG, nor an SVG that can be read; save it again");
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }

    private void clean(Element element, int depth) throws BadPicture {
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
        return DRAWS.contains(name) || name.startsWith("fe") && !name.equals("feImage");
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
            boolean notes = attribute.getNamespaceURI() != null && !XLINK.equals(attribute.getNamespaceURI());
            if (!notes) removed.add(shown(attribute.getName()) + " of <" + shown(element.getLocalName()) + ">");
        }
    }

    private static boolean isKept(Element element, Attr attribute) {
        String space = attribute.getNamespaceURI();
        String name = attribute.getLocalName().toLowerCase(Locale.ROOT);
        String value = attribute.getValue();
        if (XMLConstants.XMLNS_ATTRIBUTE_NS_URI.equals(space)) return SVG.equals(value) || XLINK.equals(value);
        if (XMLConstants.XML_NS_URI.equals(space)) return !name.equals("base");
        if (space != null && !XLINK.equals(space)) return false;
        if (name.startsWith("on")) return false;
        if (name.equals("href")) {
            boolean own = element.getLocalName().equals("image")
                    && OWN_IMAGE.matcher(value).matches();
            return own || value.strip().startsWith("#");
        }
        return asksNothing(value);
    }

    /** Whether a style or the value of an attribute refers to nothing outside the file. */
    private static boolean asksNothing(String value) {
        String plain = value.toLowerCase(Locale.ROOT);
        // A backslash may spell any word of a style.
        if (plain.contains("@import") || plain.contains("javascript:") || plain.contains("\\")) return false;
        if (plain.contains("image(") || plain.contains("image-set(")) return false;
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
