"use client";
import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { languageName } from "@/words/language-names";
import { type Language, WHOLE_LANGUAGES, wholeLanguage } from "@/words/languages";

/** In which language one's own screens are; what people read is theirs. */
export function LanguageChoice({ chosen }: { readonly chosen: Language | null }) {
  const t = useTexts("account");
  const router = useRouter();
  const choose = async (language: Language | null) => {
    const reply = await api("PUT", "/api/account", { language });
    if (!reply.ok) return toast.error(reply.failure.message);
    router.refresh();
  };
  return (
    <section aria-labelledby="language" className="mb-6">
      <h2 id="language" className="text-lg font-bold">
        {t("language")}
      </h2>
      <p className="text-quiet">{t("languageAbout")}</p>
      <select
        aria-labelledby="language"
        className="mt-1 border border-quiet bg-white px-2 py-1.5"
        value={chosen ?? ""}
        onChange={(event) => choose(wholeLanguage(event.target.value))}
      >
        <option value="">{t("asBrowser")}</option>
        {WHOLE_LANGUAGES.map((one) => (
          <option key={one} value={one} lang={one}>
            {languageName(one)}
          </option>
        ))}
      </select>
    </section>
  );
}
