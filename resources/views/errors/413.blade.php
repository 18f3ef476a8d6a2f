@extends('errors.minimal')
@section('title', __('errors.413.title'))
@section('message', __('errors.413.says'))
