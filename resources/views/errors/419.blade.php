@extends('errors.minimal')
@section('title', 'This page has been open for too long')
@section('message', 'Go back, open the shot again and make the change once more.')
