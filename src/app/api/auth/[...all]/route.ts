import { auth } from "@/server/auth";

/** Sign-in, sign-up and sign-out: the auth library's own handlers. */
const handler = (request: Request) => auth().handler(request);

export { handler as GET, handler as POST };
