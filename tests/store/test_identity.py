"""Which studio a file is."""

from fernring.store import identity, settings
from fernring.store.errors import EarlierEpochError, OtherStudioError
from fernring.store.identity import Identity
from tests.store.test_database import StudioTestCase


class IdentityTest(StudioTestCase):
    def test_given_once(self) -> None:
        with self.database.writing() as db:
            identity.ensure(db)
            first = identity.read(db)
            identity.ensure(db)
            self.assertEqual(identity.read(db), first)
            self.assertRegex(first.id, "^[0-9a-f]{32}$")
            self.assertEqual(first.epoch, 1)

    def test_changes_are_taken_by_their_own_studio_only(self) -> None:
        with self.database.writing() as db:
            identity.ensure(db)
            here = identity.read(db)
            identity.check(db, here)
            with self.assertRaisesRegex(OtherStudioError, "another studio"):
                identity.check(db, Identity("0" * 32, 1))
            settings.write(db, identity.EPOCH, "2")
            with self.assertRaisesRegex(EarlierEpochError, "restored from a copy"):
                identity.check(db, here)
