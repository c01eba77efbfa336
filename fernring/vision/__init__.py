"""Pictures that people bring: taken in safely, in a process of their own, and what is read off them."""
