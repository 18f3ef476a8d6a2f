<?php

declare(strict_types=1);

return [
    'match_json' => [
        'other_plan' => 'Not a photo of this plan. Give the match of the same plan.',
        'name' => ':shown: the name contains characters that cannot be passed on. Rename the file and match again.',
        'stops' => 'Not a number of stops. Give the output of bin/evrent photos --format=json.',
        'not_json' => 'Not JSON: :why. Give the output of bin/evrent photos --format=json.',
        'none' => 'No :format with photos. Give the output of bin/evrent photos --format=json.',
    ],
    'clip_json' => [
        'not_json' => 'Not JSON: :why. Choose a clip file.',
        'format' => 'The format must be :format.',
    ],
    'clip_text' => [
        'photo' => 'Enter a photo number from 1 to :photos.',
        'span' => 'Start after photo :to, where the span before it ends.',
        'out' => 'Enter a photo number from :in up, or leave it empty for the last.',
        'choice' => 'Choose one of: :x.',
        'shape' => 'Enter width divided by height from 0.25 to 4, or choose one.',
        'number' => 'Enter a photo number.',
        'factor' => 'Enter photos per frame: 2 is twice as fast, 0.5 half as fast.',
        'ramp' => 'Enter over how many photos the speed changes, or 0.',
        'to' => 'Enter a photo number from :from up.',
        'crop_x' => 'Enter the distance of its centre from the left in % of the width, from :least to 100.',
        'crop_y' => 'Enter the distance of its centre from the top in % of the height, from :least to 100.',
        'crop_width' => 'Enter its width in % of the photo, from :least to 100.',
    ],
    'faults_reader' => [
        'not_json' => 'Not JSON: :why. Choose a fault list.',
        'format' => 'The format must be :format.',
        'not_virtual' => 'A simulation has no :kind: give this list to the simulated rig or camera.',
        'axis' => 'Name an axis of the rig: :x.',
    ],
    'fields' => [
        'object' => 'Enter an object in braces: { … }.',
        'part' => 'This part is missing.',
        'number' => 'Enter a number, such as 8 or 0.5.',
        'whole' => 'Enter a whole number, such as 240.',
        'flag' => 'Choose true or false.',
        'text' => 'Enter text.',
        'choice' => 'Choose one of: :x.',
        'list' => 'Enter a list in brackets: [ … ].',
        'most' => 'Give at most :most of these.',
        'unknown' => 'Unknown field. Remove it or check its spelling.',
        'missing' => 'Field missing. Enter a value.',
    ],
    'kit_format' => [
        'utf8' => 'Not UTF-8 text. Save the file as UTF-8.',
        'not_json' => 'Not JSON: :why. Choose a kit file.',
        'format' => 'The format must be :format.',
        'quoted' => 'Enter seconds with spaces between, such as "1 2 5 10 30 60".',
        'columns' => 'No kit file: its first row must name the columns, kind and name among them. Export the kit to see one.',
        'column' => 'Unknown column. Remove it or check its spelling.',
        'kind' => 'Enter one of: :x.',
        'intervals' => 'Enter seconds with spaces between, such as 1 2 5 10 30 60.',
    ],
    'place_file' => [
        'unknown' => 'The place in this file has an unknown :what. Choose another file, or enter it above.',
        'format' => 'Neither GPX (XML) nor GeoJSON. Choose a file with a place in it.',
        'gpx_empty' => 'No place in this file: no waypoint, route or track. Choose another.',
        'nested' => 'Nested deeper than GPX allows. Choose another file.',
        'json_empty' => 'No place in this file: no point or line. Choose another.',
    ],
    'plan_provenance' => [
        'object' => 'Enter an object in braces with sources by JSON pointer.',
        'choice' => 'Choose one of: :x.',
        'unknown' => 'No such value in this plan. Remove this entry or check its spelling.',
    ],
    'plan_reader' => [
        'not_json' => 'Not JSON: :why. Choose a plan file.',
        'format' => 'The format must be :format.',
        'keys' => 'Give at least two keys, at 0 and at 1, or one number.',
        'axes' => 'Give the rig’s axes; an empty list for a camera on a tripod.',
    ],
    'sky_json' => [
        'instant' => 'Enter a time from :first_year to :last_year such as 2026-05-14T22:10:00Z.',
    ],
    'take_log_lines' => [
        'format' => 'No take log. Choose a file in the format :format.',
        'line' => 'Line :row has no known entry.',
        'not_json' => 'Line :number is not JSON.',
    ],
    'typed_plan' => [
        'ramps' => 'Enter both ramps, from 0 to 100 % of the run in total, in per cent, photos or seconds.',
        'ramp' => 'Enter a ramp from 0 to 100 % of the run, in per cent, photos or seconds, such as 20 %, 43 photos or 5 min.',
    ],
    'start_text' => [
        'enter' => 'Enter a time of day such as 19:40, or 20 min before sunset, 1 h after moonrise, galactic centre rises to 15°.',
    ],
];
