-- A bar that sang where no depth was likely to make it sing teaches too. Lessons are worked out anew from the trials.
update trial set lesson_card = -1;
