<?php

declare(strict_types=1);

return [
    'saved' => 'Saved.',
    'name_taken' => 'That name is taken. Enter another.',
    'choose_shot' => 'Choose a shot of this shoot.',
    'no_fit' => '“:name” does not fit here.',
    'item_gone' => 'That item is no longer in the kit. Choose another.',
    'bin' => [
        'name' => 'Another one has this name now. Rename it, then restore this one.',
        'restored' => 'Restored.',
    ],
    'crossing' => [
        'still' => 'No move here: nothing crosses.',
        'pan' => 'Enter the pan position in degrees.',
        'distance' => 'Enter the distance in metres.',
        'time' => 'Enter the real-time duration of the move, such as 30 s.',
    ],
    'grid' => [
        'gone' => 'That shot no longer exists.',
        'again' => 'The shot has just been changed. Press again.',
        'applied' => 'Interval and shutter time are set in the plan.',
    ],
    'history' => [
        'undone' => 'Undone: :undone.',
        'no_undo' => 'Nothing to undo.',
        'redone' => 'Redone: :done.',
        'no_redo' => 'Nothing to redo.',
    ],
    'kit' => [
        'removed' => 'Removed from the kit. Shots that use it keep it.',
        'picked_many' => ':names, last used together, are now in this shot.',
        'picked' => ':names is now in this shot.',
        'kept' => '“:piece” is in the kit.',
        'imported' => ':count item added to the kit.|:count items added to the kit.',
    ],
    'live' => [
        'off' => 'The camera is not connected. Connect it first.',
    ],
    'photos' => [
        'body' => 'Saved to the camera.',
        'taught' => 'The lesson is saved in “:text”.',
        'reading' => ':count take is being imported.|:count takes are being imported.',
    ],
    'place' => [
        'used' => 'The shoot and all its shots use this place.',
        'read' => 'Read from the file. Check it, then save the place.',
    ],
    'preset' => [
        'kept_as' => 'Saved as “:text”.',
        'gone' => 'That preset no longer exists. Choose another.',
        'applied' => '“:preset” applied.',
        'kept' => '“:name” saved.',
    ],
    'rig' => [
        'off' => 'The rig is not connected. Connect it first.',
    ],
    'shoot' => [
        'copy' => 'A copy of “:shoot”.',
    ],
    'shot' => [
        'moved' => '“:title” is now in this shoot.',
    ],
    'takes' => [
        'rest' => 'The rest is a shot now. Its clip continues that of “:title”.',
        'learnt' => '“:text” is saved as a recipe for new shots.',
    ],
    'together' => [
        'stopped' => 'All takes of this shoot are stopped.',
    ],
    'trial' => [
        'created' => 'Test grid “:subject” created.',
        'recipe' => '“:subject” saved as a recipe.',
    ],
    'up' => [
        'database' => 'The database is not responding.',
    ],
    'origin' => [
        'token' => 'The form has no token of this session.',
        'elsewhere' => 'This request did not come from an Evrent page.',
    ],
    'host' => [
        'name' => 'Evrent is not available under this name. Open it at the address that bin/start shows.',
    ],
    'backdrop_form' => [
        'moves' => 'The rig is moving. Wait until it stops.',
        'no_camera' => 'The camera is not connected. Start live view first.',
        'no_test' => 'There are no test photos. Take one at each keyframe in Run.',
        'jpeg' => 'Choose a JPEG of up to 4 MB.',
    ],
    'camera_form' => [
        'none' => 'No camera selected. Choose one.',
    ],
    'card_form' => [
        'take' => 'This take no longer exists. Choose another, or automatic.',
    ],
    'check_form' => [
        'choose' => 'Choose a device check.',
    ],
    'form' => [
        'elsewhere' => 'This shot was changed in another window. Check it, then save again.',
    ],
    'kit_file' => [
        'choose' => 'Choose a kit file (evrent.kit/1 as JSON, or CSV) of up to 1 MB.',
    ],
    'piece_form' => [
        'name' => 'That name is taken. Enter another, or raise its count.',
    ],
    'place_form' => [
        'choose' => 'Choose a GPX or GeoJSON file of up to 4 MB.',
    ],
    'plan_file' => [
        'choose' => 'Choose a plan file (evrent.plan/1, JSON) of up to :most_kilobytes kB.',
    ],
    'preset_name' => [
        'line' => 'Enter a name of up to 120 characters on one line.',
    ],
    'rig_form' => [
        'none' => 'No rig selected. Choose one.',
        'time' => 'Enter the duration of the move, such as 30 s or 2 min.',
        'keyframe' => 'That keyframe no longer exists.',
    ],
    'settings_form' => [
        'choose' => 'Choose one of these.',
        'minutes' => 'Enter whole minutes from 0 to :most_minutes.',
        'megapixels' => 'Enter whole megapixels from 1 to :most_megapixels.',
    ],
    'shoot_choice' => [
        'gone' => 'That shoot no longer exists. Choose another.',
    ],
    'shoot_details' => [
        'name' => 'Enter a name of up to 200 characters on one line.',
        'tags' => 'Enter up to 300 characters, tags separated by commas.',
    ],
    'shoot_form' => [
        'place' => 'Enter a place of up to 200 characters on one line.',
        'date' => 'Enter a date such as 2027-03-23, or leave it empty.',
    ],
    'stay_form' => [
        'elsewhere' => 'This shot was moved in another window. Check its time, then move it again.',
    ],
    'take_form' => [
        'over' => 'The planned start is past, or not known. Choose another.',
        'never' => 'That event does not occur here within a day. Choose another start.',
        'time' => 'Enter a time such as 30, 5 min or 1h30m.',
    ],
    'take_order' => [
        'choose' => 'Choose a command.',
        'why' => 'Enter the reason for using it as is.',
        'number' => 'Enter a photo number.',
    ],
    'title_form' => [
        'elsewhere' => 'This was renamed in another window. Save again to keep your name.',
    ],
    'together_form' => [
        'time' => 'Enter a time such as 30 s, 5 min or 1h30m.',
    ],
    'try_form' => [
        'take' => 'A take is using it: test it afterwards.',
        'address' => 'Enter its address and save before testing.',
        'busy' => 'Busy: another program on this machine uses it. Test it afterwards.',
    ],
    'verdict_form' => [
        'choose' => 'Choose a rating.',
        'lesson' => 'Enter the lesson, in up to 500 characters.',
    ],
    'shot_response' => [
        'merged' => 'Also changed in another window: :elsewhere. Your change was added.',
    ],
    'seen' => [
        'emptied' => 'This was cleared in another window. Save again to keep yours.',
        'changed' => 'This was changed to “:is” in another window. Save again to keep yours.',
    ],
    'typed' => [
        'part' => 'Only part of the form arrived, so nothing was saved. Send it again.',
    ],
    'backdrop' => [
        'at' => ', rig at :stood',
        'taken' => ', assumed at :stood',
    ],
    'card_photo' => [
        'at' => 'Time',
        'late' => ', :late s late',
        'state' => 'Result',
        'missing' => 'missing',
        'file' => 'File',
        'shutter' => 'Shutter',
        'aperture' => 'Aperture',
        'focal' => 'Focal length',
        'white' => 'White balance',
    ],
    'clip' => [
        'outside' => 'This exceeds the photo: reduce the width, or move the centre inwards.',
        'all' => 'all pixels',
    ],
    'clip_photos' => [
        'not_allowed' => ':folder can no longer be read: add it to the photo folders in Settings.',
        'heads' => 'Only metadata was uploaded. To render the clip here, import the photos from a folder on this machine; or use the exports below where the photos are.',
        'raw' => 'These photos are raw: process them first. Use the renumbered links and XMP files, export JPEGs under the same names, and select their folder here.',
    ],
    'compared' => [
        'sms' => 'shoot-move-shoot',
        'continuous' => 'continuous',
        'stop_motion' => 'stop motion',
        'ramps' => ':rampIn % in, :rampOut % out',
    ],
    'calendar' => [
        'start' => 'Start :title',
        'told' => 'Start :beginsText, end :endsText. :settings. Local rules, tide and weather come first.',
    ],
    'first' => [
        'no_day' => 'no date',
        'grid' => 'test grid',
    ],
    'grid_page' => [
        'nobody' => 'No worker is running this test grid.',
        'waiting' => 'Waiting for rig and camera',
        'at_work' => ':named: :taken of :photos photos. Keep hands clear of the rig.',
        'working' => 'Running: keep hands clear of the rig',
        'done' => 'Shot over “:title”',
        'stopped' => 'Stopped',
        'failed' => 'Failed. :says',
        'named' => ':interval and :shutter s',
        'brighter' => ':text stops brighter than planned',
        'darker' => ':text stops darker than planned',
    ],
    'in_short' => [
        'endless' => ':axis endless at :speed',
        'per_hour' => ':travel per hour',
        'limits' => ':axis :from to :to at :speed',
        'times' => 'settling :settle s, shutter lag :lag s, card write :write s, buffer :buffer photos',
        'followed' => 'shutter by :part, :shortest to :longest s, :part2',
        'meter' => 'the camera’s meter',
        'plan' => 'this plan',
        'stepless' => 'stepless',
        'thirds' => 'in thirds',
        'night_sky' => 'night sky :skies',
        'lamps' => 'lamps :lux lux',
        'no_lamps' => 'no lamps',
        'calibrated' => 'calibrated to a reading',
        'ease' => ':shape, ease in :rampIn %, ease out :rampOut %:part',
        'back_forth' => ', back and forth every :photos',
        'constant' => 'constant interval and exposure',
        'interval_varies' => 'interval changes',
        'exposure_varies' => 'exposure changes',
        'both_vary' => 'interval and exposure change',
    ],
    'kit_form' => [
        'count' => 'Count',
        'intervals' => 'or intervals',
        'address' => 'Address',
    ],
    'learnt' => [
        'clock' => 'Clock drift',
    ],
    'photos_page' => [
        'automatic' => 'automatic',
    ],
    'presets' => [
        'gone' => 'That recipe no longer exists. Choose another.',
    ],
    'series' => [
        'one' => ':photos, interval :interval s, :from to :to',
    ],
    'cards' => [
        'all' => 'Field sheets for :shoot',
        'one' => 'Field sheet for :title',
    ],
    'view' => [
        'fails' => 'will fail',
        'look' => 'warnings',
        'not_simulated' => 'not simulated',
        'not_checked' => 'not fully checked',
        'fine' => 'ok',
    ],
    'starter' => [
        'choose' => 'Choose a rig: :x.',
        'or' => ', or ',
    ],
    'take_start' => [
        'none' => 'none',
        'planned_in' => 'at the planned start, in :planned',
        'at' => 'at :words',
        'time' => 'at a time of day',
        'real' => '×1, as in the field',
        'intervalometer' => ':item, on its intervalometer',
        'address' => ':item, at :address',
    ],
    'takes_beside' => [
        'current' => 'current',
        'earlier' => 'an earlier one',
        'photos' => ':goodPhotos of :photosTotal',
        'nothing' => 'none',
    ],
    'worked' => [
        'failed' => 'Evrent cannot calculate a shot with these numbers. Undo, or enter others.',
    ],
];
