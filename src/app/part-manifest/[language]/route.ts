import { languageOf, wordsIn } from "@/words/languages";

const ICONS = [192, 512].map((size) => ({
  src: `/icons/part-${size}.png`,
  sizes: `${size}x${size}`,
  type: "image/png",
}));

/** What a participant's page is as an installed one, called in their language; the same for everybody who reads it. */
export async function GET(
  _request: Request,
  { params }: { readonly params: Promise<{ readonly language: string }> },
): Promise<Response> {
  const words = wordsIn(languageOf((await params).language.slice(0, 20)));
  const name = words.phrase("part", "title");
  const manifest = {
    name,
    short_name: name,
    lang: words.language,
    // Without a link in it: it begins where this device has kept one.
    start_url: "/p/kept",
    scope: "/p/",
    display: "standalone",
    background_color: "#0B1513",
    theme_color: "#0B1513",
    icons: [...ICONS, { src: "/icon.svg", sizes: "any", type: "image/svg+xml" }],
  };
  return Response.json(manifest, { headers: { "content-type": "application/manifest+json" } });
}
