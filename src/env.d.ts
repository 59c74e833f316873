declare namespace App {
  interface Locals {
    /** Set by a page that follows from nothing but what its owner has stored and the preferences sent with the request. */
    isKeepable?: boolean;
    /** Nobody is signed in on a shared server. */
    isNobody?: boolean;
    /** What is answered is somebody else's, who shares it with the account. */
    guest?: import("./server/access").Guest;
    /** Who is signed in, on a shared server. */
    account?: { readonly id: string; readonly name: string; readonly email: string };
  }
}
