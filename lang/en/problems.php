<?php

declare(strict_types=1);

return [
    'look_at_the_fields' => ['title' => 'Look at the fields', 'detail' => 'Something in the request does not fit; see each field.'],
    'sign_in_first' => ['title' => 'Sign in first', 'detail' => 'Nobody is signed in on this tablet. Sign in and send it again; nothing was lost.'],
    'somebody_else_is_signed_in' => ['title' => 'Somebody else is signed in', 'detail' => 'These entries wait on the tablet until whoever entered them signs in again.'],
    'wrong_password' => ['title' => 'Name and password do not belong together', 'detail' => 'Name and password do not belong together. Look at both and try again.'],
    'code_needed' => [
        'title' => 'A code is needed',
        'detail' => 'Type the six digits that your device shows now, or one of your recovery codes.',
    ],
    'wrong_code' => [
        'title' => 'The code does not fit',
        'detail' => 'The code does not fit. Type the one that your device shows now: each opens once.',
    ],
    'too_many_codes' => [
        'title' => 'Too many wrong codes',
        'detail' => 'Wait an hour, then try again, or have another lead give you a new password.',
    ],
    'no_device_proposed' => [
        'title' => 'No device was proposed',
        'detail' => 'Begin with your password, then take up the square with your device.',
    ],
    'second_factor_due' => [
        'title' => 'Set up the second factor first',
        'detail' => 'A lead and an auditor show a code of a device beside the password. Set it up, then go on.',
    ],
    'hire_begins_later' => [
        'title' => 'This hire has not begun',
        'detail' => 'Folio :folio begins later than now: a machine that is to leave is walked. Move the hire where its '
                .'machine has left already.',
    ],
    'hire_conflicts' => [
        'title' => 'Something is in the way',
        'detail' => 'Read what is in the way of :number, then book knowing it, or choose other days or another '
            .'machine.',
    ],
    'hire_has_begun' => [
        'title' => 'It has begun already',
        'detail' => 'Folio :folio has begun or is over: what was walked is of this machine and these days. '
            .'Only the day of the return can still be moved, while it is out.',
    ],
    'hire_is_contested' => [
        'title' => 'Two bookings for :number',
        'detail' => 'Another one was made out of reach for the same days (folio :folios). Both stand, and '
            .'neither is walked out until the lead has settled it: other days, another machine, or one '
            .'of them called off.',
    ],
    'hire_is_cancelled' => [
        'title' => 'The hire is cancelled',
        'detail' => 'Folio :folio was cancelled. Book a new one.',
    ],
    'hirer_known' => [
        'title' => '":name" is entered already',
        'detail' => '":name" is entered already. Choose it from the list.',
    ],
    'hirers_one_already' => [
        'title' => ':name and :other are one already',
        'detail' => 'There is nothing to merge: :name and :other are one hirer already, or one of them was '
            .'merged. Open the list of hirers again.',
    ],
    'machine_has_left' => [
        'title' => 'It has left the fleet',
        'detail' => ':number has left the fleet. Its record stays, and nothing new is begun on it.',
    ],
    'machine_is_booked' => [
        'title' => 'It is booked',
        'detail' => ':number is booked on folio :folio. Swap the machine or cancel that first.',
    ],
    'no_such_hour' => [
        'title' => 'The clock never shows this time',
        'detail' => 'The clock is put forward over :time. Choose an hour earlier or later.',
    ],
    'number_taken' => [
        'title' => 'This number is taken',
        'detail' => 'The fleet number :number is another machine\'s. Each has its own.',
    ],
    'serial_taken' => [
        'title' => 'This serial is taken',
        'detail' => 'The serial is that of :number. Read the plate again: one machine is entered once.',
    ],
    'unknown_hirer' => [
        'title' => 'There is no such hirer',
        'detail' => 'The yard has no hirer ":name". Write the name as it stands in the list, or enter the hirer first.',
    ],
    'unknown_machine' => [
        'title' => 'There is no such machine',
        'detail' => 'The fleet has no machine ":number". Write the fleet number as it stands on the machine, '
            .'or enter the machine first.',
    ],
    'unknown_model' => [
        'title' => 'There is no such model',
        'detail' => 'The catalogue has no model ":model". Choose one from the list, or write the model down first.',
    ],
    'yard_is_open' => [
        'title' => 'The yard is open already',
        'detail' => 'Somebody has opened this yard. Sign in, or ask its lead to add you.',
    ],
    'too_many_labels' => [
        'title' => 'Too many labels',
        'detail' => 'At most :most are printed at once. Choose a family, and print one after the other.',
    ],
    'paper_ends_before_it_begins' => [
        'title' => 'The paper ends before it begins',
        'detail' => 'The day on which it ends lies before the day on which it was issued. Look at both.',
    ],
    'person_has_not_left' => [
        'title' => 'They are still here',
        'detail' => ':name is still here and posts this by signing in on the tablet.',
    ],
    'tablet_not_enrolled' => ['title' => 'This tablet is not enrolled', 'detail' => 'A PIN opens nothing here. Sign in with your password, or have the yard lead enrol this tablet.'],
    'pin_not_for_this_person' => ['title' => 'No PIN for this name', 'detail' => 'Sign in with your password: a PIN is for those on shift who chose one, and never for a lead.'],
    'wrong_pin' => ['title' => 'The PIN does not fit', 'detail' => 'The PIN does not fit. :left tries are left, then only the password opens it again.'],
    'pin_locked' => ['title' => 'The PIN is locked', 'detail' => 'It was wrong too often. Sign in with your password; after that the PIN works again.'],
    'pin_digits' => ['title' => 'Four to eight digits', 'detail' => 'Choose four to eight digits.'],
    'pin_too_easy' => ['title' => 'Too easy to guess', 'detail' => 'No digit or pair that is repeated, no run such as 1234, no year.'],
    'password_too_short' => ['title' => 'Too short', 'detail' => 'At least :shortest characters. A few words in a row are easy to keep in mind.'],
    'password_too_common' => ['title' => 'Too common', 'detail' => 'This is one of the passwords that are tried first. Choose another one.'],
    'password_holds_the_name' => ['title' => 'Holds the name', 'detail' => 'Choose one without the name you sign in with.'],
    'login_letters' => ['title' => 'Small letters', 'detail' => 'Begin with a small letter a to z; then letters, digits, dot, line.'],
    'login_taken' => ['title' => 'Taken', 'detail' => 'Somebody signs in with this name already. Choose another one.'],
    'initials_letters' => ['title' => 'Initials', 'detail' => 'One to three capital letters.'],
    'not_your_password' => ['title' => 'Not your password', 'detail' => 'This is not the password you sign in with. Try again.'],
    'too_often' => ['title' => 'Too many tries', 'detail' => 'Wait :seconds s, then try again.'],
    'too_large' => ['title' => 'The file is too large', 'detail' => 'At most :megabytes MB. Take the picture again with a smaller size.'],
    'not_yours_to_do' => ['title' => 'Not yours to do', 'detail' => 'Your role may not do this. Ask the yard lead.'],
    'not_found' => ['title' => 'Not found', 'detail' => 'There is nothing at this address. Go back to the day and open it from there.'],
    'wrong_method' => ['title' => 'Wrong method', 'detail' => 'This address does not take that kind of request.'],
    'page_expired' => ['title' => 'The page has expired', 'detail' => 'Load the page again and send it once more; what was entered is kept.'],
    'refused' => ['title' => 'ApiProblem', 'detail' => 'The request was not taken as it was sent.'],
    'our_fault' => ['title' => 'Our fault', 'detail' => 'Something broke on our side. What was entered is kept on the tablet; try again.'],
    'rebuild_under_way' => [
        'title' => 'The yard is being set out anew',
        'detail' => 'What its screens read is built again from the ledger. Nothing is lost: what was entered is '
            .'kept on the tablet, and it is tried again in :seconds s.',
    ],
    'database_away' => ['title' => 'The yard\'s database does not answer', 'detail' => 'It is tried again in :seconds s. What was entered is kept on the tablet until it is posted.'],
    'not_json' => ['title' => 'Not JSON', 'detail' => 'The body must be one JSON object.'],
    'no_entries' => ['title' => 'No entries', 'detail' => 'Send an object with a list "entries" of 1 to :most entries.'],
    'no_such_line' => ['title' => 'No such line in this walk', 'detail' => 'This walk has no line ":line". Take one of the plan that was sent with the walk.'],
    'no_such_currency' => [
        'title' => 'No such money',
        'detail' => 'Choose a currency of ISO 4217 that is in use, as EUR or GBP.',
    ],
    'other_currency' => [
        'title' => 'The yard charges in another money',
        'detail' => 'This yard charges in :currency. Open the page anew, or have the lead say it under House rules.',
    ],
    'nothing_to_charge' => [
        'title' => 'That charges nothing',
        'detail' => 'Type what is charged, or leave the amount empty.',
    ],
    'finer_than_the_coin' => [
        'title' => 'Nobody can pay that',
        'detail' => 'Amounts in :currency have :places decimals. Type it with no more.',
    ],
    'line_is_answered' => [
        'title' => 'Answered already',
        'detail' => '":line" has an answer, on a tablet or from a sheet that waits for the lead. '
            .'Change it on the walk.',
    ],
    'nobody_who_walks' => [
        'title' => 'Nobody who goes round machines',
        'detail' => 'Choose who signed the sheet: somebody of this yard who walks machines.',
    ],
    'sheet_ends_before_it_begins' => [
        'title' => 'The sheet ends before it begins',
        'detail' => 'Look at both times on the sheet.',
    ],
    'no_such_stage' => ['title' => 'No such machine state', 'detail' => 'This walk has no state ":stage".'],
    'no_such_step' => ['title' => 'No such step', 'detail' => 'The briefing of this machine has no step ":step".'],
    'no_such_finding' => ['title' => 'No such finding on this machine', 'detail' => 'The finding is not on this machine, or was struck.'],
    'state_first' => ['title' => 'Get into the state first', 'detail' => 'Confirm the machine state before anything is read.'],
    'lines_not_confirmed' => ['title' => 'Not every line is confirmed', 'detail' => 'Still to confirm: :lines'],
    'state_is_blocked' => ['title' => 'Not yet', 'detail' => ':stage has to wait until these stand: :lines.'],
    'not_carried' => ['title' => 'It does not stand from the return walk', 'detail' => '":title" was answered, or something happened to the machine since. Look at it, and answer it.'],
    'affirmed_elsewhere' => ['title' => 'The machine is in another state', 'detail' => '":title" is affirmed where it is looked at. Bring the machine into that state first.'],
    'read_the_instrument' => ['title' => 'This is an instrument', 'detail' => 'Read it: ":title" takes a figure, not a look.'],
    'do_the_test' => ['title' => 'This is a function test', 'detail' => 'Go through the steps of ":title" one by one.'],
    'not_a_test' => ['title' => 'This is not a function test', 'detail' => '":title" has no steps. Answer it by eye, or read its instrument.'],
    'test_nothing_observed' => ['title' => 'Say what was observed', 'detail' => 'Say in words how the machine responded instead; the mechanic begins with that.'],
    'test_too_many_steps' => ['title' => 'More steps than the test has', 'detail' => '":title" has :count steps. Open the walk again and do the test anew.'],
    'test_went_on' => ['title' => 'The test ends at the step that failed', 'detail' => 'Nothing is tried after a step that did not respond as expected. Post ":title" up to that step.'],
    'test_held_too_short' => ['title' => 'Let go too early', 'detail' => 'A step of ":title" was not held for as long as the test asks. Do that step again.'],
    'test_no_reason' => ['title' => 'Say why the test was broken off', 'detail' => 'Not all :count steps of ":title" were done. Say why; the line stays open and is begun again.'],
    'test_nothing_left' => ['title' => 'The test was done to its end', 'detail' => 'Every step of ":title" is answered. Post it as it is.'],
    'no_figure' => ['title' => 'A figure is missing', 'detail' => 'Set the instrument, or type what it shows.'],
    'points_missing' => ['title' => 'Not every point was read', 'detail' => 'This is read at :count points, and :given came. Read the others, or say why it cannot be read.'],
    'say_how_it_went' => ['title' => 'Say how it went', 'detail' => 'The figure alone says nothing. Choose one of: :looks.'],
    'compare_the_paper' => ['title' => 'This is compared, not looked at', 'detail' => 'Type what stands there: ":title" is compared with the hire and the record.'],
    'not_a_paper' => ['title' => 'Nothing is compared here', 'detail' => '":title" takes no date and no serial.'],
    'no_such_day' => ['title' => 'No such day, or it has not come yet', 'detail' => 'Read the day again, ":date" cannot stand on the paper: year, month, day.'],
    'paper_needs_date' => ['title' => 'A date is missing', 'detail' => 'Enter the day that stands on the paper or the tag.'],
    'paper_needs_hours' => ['title' => 'The hours are missing', 'detail' => 'Enter the hours of the meter that stand beside the date.'],
    'paper_needs_serial' => ['title' => 'The serial is missing', 'detail' => 'Type the serial as it stands on the plate.'],
    'stop_does_not_vanish' => ['title' => 'What stops a machine does not vanish', 'detail' => 'Finding :number is graded stop. It goes by a recorded repair; look again, or have the lead lower it with a reason.'],
    'read_the_dashboard' => ['title' => 'Lamps and codes are entered', 'detail' => 'Say which lamps are lit and which codes are active for ":title", or that there are none.'],
    'not_a_dashboard' => ['title' => 'No lamps are asked for here', 'detail' => '":title" takes no lamps and no codes.'],
    'no_such_code' => ['title' => 'No machine shows this code', 'detail' => 'SPN :spn, FMI :fmi: the SPN goes from 0 to 524287, the FMI from 0 to 21 and 31. Read the display again.'],
    'not_qualified' => ['title' => 'Not qualified for this machine', 'detail' => 'Nothing is recorded of :name for: :qualification. The lead records it, or somebody who is qualified takes over.'],
    'qualification_ran_out' => ['title' => 'The qualification has run out', 'detail' => ':name was qualified until :date for: :qualification. Somebody else takes over until it is renewed.'],
    'not_ones_own_qualification' => ['title' => 'Not for oneself', 'detail' => 'Have another lead record your own qualification.'],
    'second_person_missing' => ['title' => 'Nobody is alone here', 'detail' => 'Name who stands by for ":stage"; they see you and can bring you down or stop you.'],
    'second_person_is_the_first' => ['title' => 'The second person is somebody else', 'detail' => 'Name another person for ":stage": whoever works the machine cannot stand by.'],
    'second_person_unknown' => ['title' => 'This person cannot stand by', 'detail' => 'Name somebody who works in the yard.'],
    'say_why_not' => ['title' => 'Say why', 'detail' => 'Say why ":title" cannot be told; the line stays open.'],
    'not_put_right_here' => ['title' => 'This is not put right on the spot', 'detail' => 'Say "Not so" for ":title", have it mended, and record the repair.'],
    'part_is_fitted' => ['title' => 'This part is on the machine', 'detail' => 'The model has it, and it can stop the machine: if ":title" has nothing to look at, answer "Not so".'],
    'say_how_it_is_known' => ['title' => 'Say how you know', 'detail' => 'Say why ":title" is not on this machine: the lead asks whether its model has it.'],
    'no_such_question' => ['title' => 'This was settled already', 'detail' => 'Load the page again: somebody has answered it, or the answer was struck.'],
    'proof_has_ended' => [
        'title' => 'Not to be handed over to them',
        'detail' => '":title": what they show has ended. '
            .'Hand it over to somebody whose proof has not, or not at all.',
    ],
    'gate_is_shut' => ['title' => 'Not to be handed over yet', 'detail' => '":title" is not confirmed. Confirm it, or do not hand the machine over for use.'],
    'gate_wants_number' => ['title' => 'Not to be handed over yet', 'detail' => '":title" wants the number of what you saw. Write it down, or do not hand the machine over for use.'],
    'not_an_instrument' => ['title' => 'Not an instrument', 'detail' => '":title" is answered by eye.'],
    'wrong_unit' => ['title' => 'Wrong unit', 'detail' => 'This instrument is read in :unit.'],
    'off_the_scale' => ['title' => 'Off the scale', 'detail' => 'The instrument is drawn from :low to :high :unit. Read it again; if it is so, say so and post it.'],
    'unknown_look' => ['title' => 'Unknown look', 'detail' => 'Take one of: :looks.'],
    'plate_needs_picture' => [
        'title' => 'A picture is missing',
        'detail' => 'Take a picture of the plate: that is what is kept of it.',
    ],
    'photo_not_here' => ['title' => 'The picture has not arrived', 'detail' => 'Send the picture first, then the entry that names it.'],
    'meter_needs_confirming' => [
        'title' => 'The meter contradicts the last reading',
        'detail' => 'Look again. If it is right, post it with a photo and a reason; it stands as disputed '
            .'until it is looked into.',
        'photo' => 'Take a photo of the meter.',
        'reason' => 'Say in a few words why it is so, for example: meter changed.',
    ],
    'piece_does_not_follow' => ['title' => 'The piece does not follow', 'detail' => 'Go on at byte :offset.'],
    'piece_has_wrong_size' => ['title' => 'The piece has the wrong size', 'detail' => 'A piece has 1 to :most bytes, and all of them no more than was said.'],
    'not_a_picture' => ['title' => 'Not a picture', 'detail' => 'Send a JPEG, PNG or WebP picture.'],
    'too_many_pixels' => ['title' => 'Too many pixels', 'detail' => 'At most :megapixels megapixels. Take it with a smaller size.'],
    'unknown_finding_kind' => ['title' => 'Unknown kind of finding', 'detail' => 'Take one of the kinds of the plan.'],
    'degree_missing' => ['title' => 'Say how bad it is', 'detail' => ':kind needs one of: :degrees.'],
    'only_the_lead_lowers' => ['title' => 'Only the lead may lower it', 'detail' => 'By rule this is ":severity". You may raise it; lowering is for the yard lead, with a reason.'],
    'lowering_needs_a_reason' => ['title' => 'Lowering needs a reason', 'detail' => 'Say why it is less grave than the rule says.'],
    'found_on_this_walk' => ['title' => 'Found on this walk', 'detail' => 'This finding is of this very walk. Strike it and place it again if it is wrong.'],
    'nothing_to_strike' => ['title' => 'Nothing to strike', 'detail' => 'Name an answer, a reading or a finding of this walk that is to be struck.'],
    'struck_already' => ['title' => 'Struck already', 'detail' => 'Somebody struck this entry before.'],
    'strike_your_own' => ['title' => 'Not your entry', 'detail' => 'Only who posted it, or the lead, may strike it.'],
    'not_the_decision' => ['title' => 'Not the decision', 'detail' => 'The walk says: :decision. In the way: :grounds.'],
    'hang_the_tag' => ['title' => 'Hang the tag', 'detail' => 'A machine is tagged out by hanging a tag, with a reason.'],
    'only_the_lead_releases_with_conditions' => ['title' => 'Only the lead', 'detail' => 'Only the yard lead may release with conditions.'],
    'conditions_missing' => ['title' => 'Conditions are missing', 'detail' => 'Each of these needs a condition: :grounds.'],
    'tagged_already' => ['title' => 'Tagged already', 'detail' => 'A tag hangs on this machine.'],
    'tag_hangs' => ['title' => 'A tag hangs on it', 'detail' => ':number is tagged out. It cannot be checked out until the tag is lifted.'],
    'not_out_yet' => ['title' => 'Not out', 'detail' => ':number is not out on this hire, so there is nothing to return.'],
    'hire_ends_before_it_begins' => [
        'title' => 'The hire ends before it begins',
        'detail' => 'It comes back before it goes out. Look at both times.',
    ],
    'hirer_is_known' => [
        'title' => 'The hirer is known',
        'detail' => 'Folio :folio has its hirer. Only a machine that came back with no hire gets one '
            .'afterwards.',
    ],
    'replaced_before' => [
        'title' => 'Replaced before',
        'detail' => 'Folio :folio goes on as folio :next. Change that one.',
    ],
    'same_machine' => [
        'title' => 'The same machine',
        'detail' => ':number is out on this hire. Choose another machine.',
    ],
    'on_another_folio' => ['title' => 'On another folio', 'detail' => ':number is still on folio :folio. Close that first.'],
    'no_such_school' => ['title' => 'No such school', 'detail' => 'This rule takes one of: :choices.'],
    'model_not_complete' => ['title' => 'Not kept yet', 'detail' => 'Nothing is lost: look at what is marked, :count of it, and keep it again.'],
    'model_of_the_catalogue' => ['title' => 'Not the yard\'s own model', 'detail' => 'This model came with the catalogue and is corrected in its file. A model of the yard can be corrected here.'],
    'table_lacks_columns' => [
        'title' => 'Columns are missing',
        'detail' => 'The head line of the table lacks: :columns. Nothing was taken. Name them as in the table'
            .' that can be fetched, or say which column is which where that is asked.',
    ],
    'table_has_strange_columns' => [
        'title' => 'Columns that nothing reads',
        'detail' => 'The head line of the table has: :columns. Nothing was taken, so that no figure is '
            .'dropped unseen. Take these columns out or correct their names, or say which column is '
            .'which where that is asked.',
    ],
    'table_has_no_such_column' => [
        'title' => 'No such column',
        'detail' => 'The table has no place for :columns as it was said, or one place was said twice. Nothing'
            .' was taken. Look at the columns again.',
    ],
    'table_is_empty' => ['title' => 'No rows', 'detail' => 'There is nothing below the head line. Nothing was taken.'],
    'key_is_yours' => ['title' => 'The walk is yours already', 'detail' => 'You have the key of this walk. There is nobody to take it from.'],
    'walks_along_already' => ['title' => 'You walk along already', 'detail' => 'Your stations are marked with your initials.'],
    'does_not_walk_along' => ['title' => 'You do not walk this one', 'detail' => 'There is nothing to leave. Walk along first, if you want a share of it.'],
    'last_on_the_walk' => ['title' => 'Nobody else walks it', 'detail' => 'A walk is not left alone by the last person on it. Pause it, and it waits at this line.'],
    'look_at_it_alone' => ['title' => 'Not together with others', 'detail' => '":title" can stop the machine, or is read. Look at it on its own and answer it there.'],
    'no_tag_hangs' => ['title' => 'No tag hangs', 'detail' => 'There is no tag on this machine.'],
    'tag_of_another_walk' => ['title' => 'Tag of another walk', 'detail' => 'Tag :number was hung on another walk of this machine. Record the repair and take the tag off there.'],
    'repaired_already' => ['title' => 'Repaired already', 'detail' => ':name has recorded a repair under this tag. What it made due is looked at first; record another when something stops it again.'],
    'tag_forbids_power' => ['title' => 'A tag hangs', 'detail' => 'Tag :number hangs on it: no power before a repair is recorded. It may be made safe and looked at.'],
    'tag_stays_not_repaired' => ['title' => 'The tag stays', 'detail' => 'No repair is recorded yet.'],
    'tag_stays_repaired_by_the_same' => ['title' => 'The tag stays', 'detail' => 'Who mended it does not take the tag off. Another qualified person or the lead does.'],
    'tag_stays_something_stops' => ['title' => 'The tag stays', 'detail' => 'It is still stopped by: :lines.'],
    'tag_stays_lines_are_due' => ['title' => 'The tag stays', 'detail' => ':count lines are due again after the repair: :lines.'],
    'rules_contradict' => ['title' => 'Two rules contradict', 'detail' => 'The rule is left as it was, because of ":other": :because'],
    'rule_leaves_no_safe_order' => ['title' => 'No safe order', 'detail' => 'The rule is left as it was. With this choice: :faults'],
    'nothing_out_yet' => ['title' => 'Nothing out yet', 'detail' => 'The Out entry of this hire has not been opened.'],
    'id_already_used' => ['title' => 'Id already used', 'detail' => 'Another entry has the id :id. Post this one under a new id.'],
    'clock_runs_ahead' => ['title' => 'The clock of this tablet runs ahead', 'detail' => 'The time of the entry lies in the future. Set the clock and post it again.'],
    'walk_is_over' => ['title' => 'This walk is over', 'detail' => 'The machine has left or the hire is closed; nothing more can be posted to this walk.'],
    'release_first' => ['title' => 'Not released', 'detail' => 'The machine has to be released before it is handed over.'],
    'second_not_confirmed' => ['title' => 'Not confirmed by the second person', 'detail' => ':name confirms it with their PIN on an enrolled tablet, with their password on any other, or says on their own tablet that they stand by.'],
    'second_secret_wrong' => ['title' => 'This is not the PIN or password of :name', 'detail' => ':name enters it again; :left tries are left.'],
    'second_locked' => ['title' => 'Locked after five wrong tries', 'detail' => ':name signs in with their password once, or somebody else stands by.'],
    'stop_needs_a_reason' => ['title' => 'Say what was wrong with the answer before', 'detail' => '":title" says stop. Say why that is no longer so; what was mended is written down as a repair.'],
    'stop_needs_another' => ['title' => 'Not alone', 'detail' => 'A stop is lifted by the lead, or together with another qualified person who confirms it.'],
    'stop_stands' => [
        'title' => 'Something stops :number',
        'detail' => 'Something stops :number, or it is on a walk. Settle that first: nothing leaves over a '
            .'stop by being '
                .'said to have left.',
    ],
    'stop_was_relied_on' => ['title' => 'Too late to strike', 'detail' => 'A state was entered or a decision made after this stop. Tag the machine out, have it looked at, and tag it in.'],
    'release_is_void' => ['title' => 'The release no longer holds', 'detail' => 'Something was entered after the release that keeps the machine here. Decide anew.'],
    'release_does_not_hold' => ['title' => 'It may not leave', 'detail' => '":ground" keeps the machine here now. Decide anew.'],
    'before_the_opening' => ['title' => 'Before the walk was opened', 'detail' => 'The entry says that it happened before this walk was opened. Check the clock of the tablet; what you entered stays on it.'],
    'opening_too_early' => ['title' => 'The opening cannot have been then', 'detail' => 'A walk is opened after the last entry of its machine and at most :days days ago. Check the clock of the tablet, or tell the lead.'],
    'nothing_in_doubt' => ['title' => 'Nothing in doubt there', 'detail' => 'These entries are not in doubt, or somebody settled them before.'],
    'rule_says_no' => ['title' => 'This cannot be', 'detail' => ':why'],
    'not_gone' => ['title' => 'It is not gone', 'detail' => 'The machine is released, out or back: there is nothing to report or to settle.'],
    'gone_settle_first' => ['title' => 'Settle its departure first', 'detail' => 'The machine left without a release. The lead says whether it was brought back or stays out.'],
    'asked_back' => ['title' => 'Not every question was answered', 'detail' => ':left are left. Ask: :question'],
    'no_such_answer' => [
        'title' => 'Nobody asks that',
        'detail' => 'This question or answer does not belong to this machine. Open the handover anew.',
    ],
    'briefing_too_short' => [
        'title' => 'They have to hear more than that',
        'detail' => 'This hirer did not sign for such a machine lately. '
            .'Show the longer briefing, then sign again: nothing that was entered is lost.',
    ],
    'steps_not_shown' => ['title' => 'Not every step was shown', 'detail' => ':left steps are still to be shown before anybody signs.'],
    'balances_already' => ['title' => 'Nothing to explain', 'detail' => 'The line ":line" balances or is explained already.'],
    'return_walk_first' => ['title' => 'Finish the return walk', 'detail' => 'The hire can be closed when the return walk has its decision.'],
    'does_not_balance' => ['title' => 'It does not balance', 'detail' => ':count lines do not balance. Say why for each, then close.'],
    'not_posted_here' => ['title' => 'This belongs somewhere else', 'detail' => 'An entry of the kind :kind is not posted here. Post it to the walk, the hire or the machine that it is about.'],
    'newer_than_the_yard' => ['title' => 'The tablet is newer than the yard', 'detail' => 'The tablet knows a form of :kind that the yard does not know yet. Keep it; it is sent when the yard is up to date.'],
    'not_in_the_yard' => ['title' => ':number is not in the yard', 'detail' => 'It is out: it is put in a bay when it is back.'],
    'old_meter_contradicted' => ['title' => 'The old meter cannot have shown that', 'detail' => 'When it was last read it showed :last h, and it can have gained no more hours than have passed since. Look at it again, or say that it cannot be read; then it counts to its last known reading.'],
    'not_on_the_meter' => ['title' => 'No figure of this meter', 'detail' => 'It shows :digits digits and :decimals after the point. Read it again, digit by digit.'],
    'no_fluid_there' => ['title' => 'Nothing is filled up there', 'detail' => ':number has no fluid at this line. Choose the line that reads its level.'],
    'meter_contradicts' => [
        'title' => 'The meter cannot have shown that',
        'detail' => ':why Read it again. Where another meter was put on, tell that first.',
        'later' => 'Later it showed :hours h.',
    ],
    'day_to_come' => [
        'title' => 'That day is still to come',
        'detail' => ':day is not here yet. What is done is told afterwards.',
    ],
    'limits_refused' => [
        'title' => 'These limits cannot be computed',
        'detail' => ':why',
    ],
    'no_such_sheet' => [
        'title' => 'There is no such sheet',
        'detail' => 'Choose one of the sheets that the machine has. ":sheet" is none.',
    ],
    'no_such_site_question' => [
        'title' => 'There is no such question about a site',
        'detail' => 'Leave ":question" out, or load the page again. Known: :known.',
    ],
    'no_such_thing' => [
        'title' => 'This does not go along with this machine',
        'detail' => 'Leave ":thing" out, or load the page again. Known: :known.',
    ],
    'thing_not_handed' => [
        'title' => 'This was not handed out',
        'detail' => '":thing" is not on this hire. Count it out first if it went along, or leave it out.',
    ],
    'things_are_back' => [
        'title' => 'What went along is counted back already',
        'detail' => 'Nothing more is counted out on this hire. Say what was forgotten where its line is explained.',
    ],
    'no_such_operator_category' => [
        'title' => 'There is no such category of operators',
        'detail' => 'Choose one of the categories that the page offers. ":category" is none.',
    ],
    'operator_not_evaluated' => [
        'title' => 'The operator is not evaluated for this',
        'detail' => 'The yard hands ":category" only to somebody who is recorded with this number, and whose '
            .'inspection and course were both evaluated within the interval. Record it, or let somebody '
            .'else operate it.',
    ],
    'chart_is_no_area' => ['title' => 'The chart encloses nothing', 'detail' => ':why'],
    'no_such_service_point' => [
        'title' => 'No such service point',
        'detail' => ':number has no such point. Choose one from its list.',
    ],
    'service_is_recorded' => [
        'title' => 'It is recorded already',
        'detail' => ':point: :name recorded it for :day. Nothing was written twice.',
    ],
    'too_many_hours' => [
        'title' => 'The machine has not run that long',
        'detail' => ':hours h cannot be: the meter shows :known h. Read the meter again, or leave the hours out.',
    ],
    'interval_is_nothing' => [
        'title' => 'An interval of nothing',
        'detail' => 'What comes back after nothing would be due for ever. Enter hours, months or days.',
    ],
    'day_is_past' => ['title' => 'That day is past', 'detail' => ':day is over. Choose today or a day to come.'],
    'is_fitted_already' => ['title' => 'Nothing was changed on :number', 'detail' => 'It carries this already: :fitted.'],
    'stands_there_already' => ['title' => ':number stands there already', 'detail' => 'It is in :bay already; nothing was changed.'],
    'recorded_too_early' => ['title' => 'That is too long ago', 'detail' => 'An entry is at most :days days old when it comes in. Check the clock of the tablet, or tell the lead.'],
    'walk_given_back' => ['title' => 'This walk was given back', 'detail' => 'Open the walk of this machine anew from the day; nothing was entered in this one.'],
    'something_is_answered' => ['title' => 'Something is entered already', 'detail' => 'A walk is given back as long as nothing is answered in it. Take it over, or finish it.'],
    'bad_cursor' => ['title' => 'The list does not go on there', 'detail' => 'Begin the list anew, and go on by the cursor that its last page gave.'],
    'not_from_the_page' => ['title' => 'Not from a page of this yard', 'detail' => 'Open the address of the yard in a browser and sign in there. A program says in Origin where it comes from.'],
    'pictures_wait' => ['title' => 'Other pictures are in front', 'detail' => 'Several pictures come in at once. This one is kept on the tablet and is sent again in a moment.'],
    'not_ones_own_account' => ['title' => 'That is your own account', 'detail' => 'Somebody else who leads the yard changes it. Your own password you change at your name.'],
    'not_plain_text' => ['title' => 'Not a plain name', 'detail' => 'A name is one line of letters, digits and signs that are seen. Type it anew instead of pasting it.'],
    'hire_is_not_out' => [
        'title' => 'The machine is not out on this hire',
        'detail' => 'It is not handed over yet, or it is back. Ring the yard.',
    ],
    'link_ended' => [
        'title' => 'This link has ended',
        'detail' => 'The yard took it back, or the hire is long over. Ask the yard for a new one.',
    ],
    'link_missing' => [
        'title' => 'A link is needed',
        'detail' => 'Open the page with the whole link or the square that the yard gave you.',
    ],
    'mail_not_sent' => [
        'title' => 'The mail was not sent',
        'detail' => 'The mail server did not take it. Card and link stand; try again, or let the square be '
            .'read from here.',
    ],
    'mail_nowhere' => [
        'title' => 'No mail server is set',
        'detail' => 'Say in the settings which mail server the yard uses; until then print the card and let '
            .'the square be read.',
    ],
    'no_such_duty' => [
        'title' => 'Not on the daily list',
        'detail' => 'This is no point that the hirer does on this machine. Load the page again.',
    ],
    'no_such_report' => [
        'title' => 'No such report',
        'detail' => 'It was settled already, or it is of another hire. Load the page again.',
    ],
    'reports_open' => [
        'title' => 'The hirer reported a fault',
        'detail' => 'What the hirer reported is not settled yet (:count). Look at it on the machine, settle '
            .'it, then close.',
    ],
    'too_many_reports' => [
        'title' => 'Many reports are open',
        'detail' => 'The yard has :most reports of this hire and has not settled them. Ring the yard.',
    ],
    'sign_first' => [
        'title' => 'The first signature is missing',
        'detail' => 'Whoever takes the machine over signs first; then the others do.',
    ],
    'signed_already' => [
        'title' => ':name has signed',
        'detail' => 'One signature for each person. Look at the name.',
    ],
    'too_many_signed' => [
        'title' => 'More than :most people',
        'detail' => 'So many people are not briefed at one machine. Hand it over in groups.',
    ],
    'not_a_signature' => [
        'title' => 'No signature yet',
        'detail' => 'A dot is none. Sign across the field, with pen, finger or mouse.',
    ],
    'none_without_proof' => [
        'title' => 'No proof, no machine',
        'detail' => 'The house rule of this yard lets nobody take it without a proof. Ask for the card, or '
            .'for somebody who has one.',
    ],
    'only_the_lead_without_proof' => [
        'title' => 'Only the lead lets it go',
        'detail' => 'Without a proof the lead hands it over and says why. Ask the lead.',
    ],
];
