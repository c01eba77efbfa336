/** A print names the revision it was made from; one is cut for it. */
import type { Session } from "../piece/session";
import { tellProblem } from "../studio/notice";

/** The revision in words. When it cannot be saved (a full disk) that is said, and the print goes on without. */
export async function revised(session: Session): Promise<string> {
  try {
    const number = await session.ledger.revise("printed");
    return number === null ? "" : `revision ${number}`;
  } catch (cause) {
    tellProblem(cause);
    return "revision not saved";
  }
}
