import type { ComponentProps } from "react";

/**
 * A plain element for `asChild`: what a component library would put into its `style` is left out, since the
 * content policy lets no style stand in a page's text.
 */
export function Unstyled({ style: _style, ...rest }: ComponentProps<"div">) {
  return <div {...rest} />;
}
