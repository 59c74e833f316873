declare namespace App {
  interface Locals {
    /** Set by a page that follows from nothing but what its owner has stored and the preferences sent with the request. */
    isKeepable?: boolean;
    /** Who is signed in, on a shared server. */
    /** Nobody is signed in on a shared server. */
    isNobody?: boolean;
    account?: { readonly id: string; readonly name: string; readonly email: string };
  }
}
