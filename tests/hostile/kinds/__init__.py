"""Hostile files and arguments. A kind is a function that yields cases; `random` is seeded for it alone."""

import collections.abc
import dataclasses


@dataclasses.dataclass
class Case:
    name: str
    # None: the arguments alone are what is hostile. What takes long to make is made when it is tried.
    content: bytes | collections.abc.Callable[[], bytes] | None
    suffix: str = ""
    how: tuple = ()  # the command, {file} for the file, {art} for a sound picture, {out} for a folder to write to

    def made(self):
        return self.content() if callable(self.content) else self.content


def damaged(random, name, sound, suffix, how, count):
    """A sound file cut short, with bits turned, with bytes doubled, left out and swapped."""
    for i in range(count):
        bytes_ = bytearray(sound)
        ways = i % 5
        if ways == 0:
            bytes_ = bytes_[: random.randrange(len(bytes_))]
        for _ in range(random.choice([1, 3, 20, 200])):
            if not bytes_:
                break
            at = random.randrange(len(bytes_))
            if ways == 1:
                bytes_[at] ^= 1 << random.randrange(8)
            elif ways == 2:
                bytes_[at] = random.choice([0, 255, 127, 128, 32])
            elif ways == 3:
                size = random.randrange(1, 40)
                bytes_[at:at] = bytes_[at : at + size]
            elif ways == 4:
                del bytes_[at : at + random.randrange(1, 40)]
        yield Case(f"{name}-damaged-{i}", bytes(bytes_), suffix, how)
