export const trail = {
  trail: "Trail",
  whoSignedWhoMade:
    "Who signed in, who made links, and who opened or took out what belongs to people. Only you as the owner see it. Lines are kept for a year and can't be changed.",
  nothingYetFirstLine: "Nothing yet: the first line comes with the next sign-in.",
  earlier: "Earlier",
} as const;
