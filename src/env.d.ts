declare namespace App {
  interface Locals {
    /** Set by a page that follows from nothing but what its owner has stored and the preferences sent with the request. */
    isKeepable?: boolean;
  }
}
